#include <QRegularExpression>
#include <QSignalSpy>
#include <QTest>
#include <QTranslator>

#include "look/look_place.h"
#include "shell/help_sheet.h"
#include "text_recorder.h"
#include "walk.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// What is nobody's to translate: titles and aims of exercises, counting words, names of devices and notes.
class Data {
  public:
    explicit Data(Studio& studio) {
        for (const Exercise& e : studio.shelf().exercises())
            for (const std::string& text : {e.title, e.trains, e.id}) m_texts << QString::fromStdString(text);
    }
    [[nodiscard]] bool knows(const QString& text) const {
        static const QRegularExpression kEllipsis(QStringLiteral("…$"));
        QString part = text.trimmed();
        part.remove(kEllipsis);
        return std::any_of(m_texts.begin(), m_texts.end(),
                           [&part](const QString& all) { return all.contains(part.trimmed(), Qt::CaseInsensitive); });
    }
    /// What is left of a sentence that speaks of an exercise.
    [[nodiscard]] QString without(QString text) const {
        for (const QString& title : m_texts) text.remove(title);
        return text;
    }

  private:
    QStringList m_texts;
};

/// Words of three letters and more in which a vowel stands plain.
QStringList plainWords(const QString& text) {
    static const QRegularExpression kWord(QStringLiteral("\\b[A-Za-z]*[aeiouAEIOU][A-Za-z]*\\b"));
    // Days, months and the name of a counted triplet are no texts of ours; file endings neither.
    static const QRegularExpression kNoText(
        QStringLiteral("^(Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|trip|let|"
                       "January|February|April|June|July|August|September|October|November|December|Monday|"
                       "Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday)$"));
    QStringList plain;
    auto words = kWord.globalMatch(text);
    while (words.hasNext()) {
        const QString word = words.next().captured();
        if (word.size() >= 3 && !kNoText.match(word).hasMatch()) plain << word;
    }
    return plain;
}

}  // namespace

/// The window in a language nobody speaks, whose texts are longer and have an accent on every vowel.
class TestTranslation : public QObject {
    Q_OBJECT
    QTranslator m_pseudo;
    QStringList m_wrong;

    void look(const Desk& desk, const QString& where) {
        const Data data(*desk.studio);
        QCoreApplication::processEvents();
        for (const PaintedText& painted : TextRecorder::textsOf(*desk.window)) {
            if (data.knows(painted.text)) continue;
            if (const QStringList plain = plainWords(data.without(painted.text)); !plain.isEmpty())
                m_wrong << QStringLiteral("%1: \"%2\" is not translated").arg(where, painted.text);
            if (painted.isCutOff) m_wrong << QStringLiteral("%1: \"%2\" is cut off").arg(where, painted.text);
        }
    }

  private Q_SLOTS:
    void initTestCase() {
        QVERIFY(lookAsShipped());
        QVERIFY(m_pseudo.load(QStringLiteral(UPBEAT_BINARY_DIR "/tests/pseudo.qm")));
        QVERIFY(QCoreApplication::installTranslator(&m_pseudo));
    }
    void init() { m_wrong.clear(); }

    void allFivePlacesAreTranslatedAndFit() {
        walkThrough([this](const Desk& desk, const QString& where) { look(desk, where); });
        QVERIFY2(m_wrong.isEmpty(), qPrintable(QLatin1Char('\n') + m_wrong.join(QLatin1Char('\n'))));
    }

    void whatIsSaidIsTranslated() {
        const Desk desk;
        QSignalSpy said(&desk.studio->notices(), &Notices::said);
        QSignalSpy failed(&desk.studio->notices(), &Notices::failed);
        desk.studio->lessons().teach();
        desk.studio->stand().practiseBars(1, 1);
        desk.studio->stand().backToWhole();
        desk.studio->shelf().importFile(QStringLiteral("/nowhere.mid"));
        QTRY_COMPARE(failed.count(), 1);
        QVERIFY(said.count() > 0);
        for (const auto& sentence : said + failed)
            QVERIFY2(plainWords(sentence.front().toString().remove(QStringLiteral("/nowhere.mid"))).isEmpty(),
                     qPrintable(sentence.front().toString()));
    }
};

QTEST_MAIN(TestTranslation)
#include "tst_translation.moc"
