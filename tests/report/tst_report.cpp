// What somebody else opens, and what comes back.
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <QXmlStreamReader>

#include "takes.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/music/library.h"
#include "upbeat/report/answer.h"
#include "upbeat/report/html_report.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

ReportedTake reported(const Exercise& exercise, int passes, const Character& character = goodPlayer()) {
    const KnownTake known = play(exercise, 100, passes, character, 5);
    ReportedTake one;
    one.take.exercise = exercise;
    one.take.click = clickFor(exercise, Bpm(100));
    one.take.frame = known.frame();
    one.take.startedAt = "2026-03-14T18:00:07";
    one.take.hits = perfectHits(known);
    one.take.note = "first try";
    one.analysis = analyze(known, one.take.hits);
    one.sound = known.rendered.sound;
    return one;
}

QString pageOf(const std::vector<ReportedTake>& takes, const ReportWish& wish = {}) {
    const auto page = htmlReport(takes, wish);
    if (!page) qFatal("%s", page.error().sentence().c_str());
    return QString::fromStdString(*page);
}

QString fieldIn(const QString& page) {
    static const QRegularExpression field(QStringLiteral("<svg class=\"field\".*</svg>"),
                                          QRegularExpression::DotMatchesEverythingOption);
    return field.match(page).captured(0);
}

struct MarkInReport {
    double timeS = 0;
    int stroke = 0;
    int pass = 0;
};

/// Reads the marks; fails where the field is no XML.
std::vector<MarkInReport> marksIn(const QString& field) {
    std::vector<MarkInReport> marks;
    QXmlStreamReader xml(field);
    while (!xml.atEnd()) {
        xml.readNext();
        if (xml.isStartElement() && xml.attributes().value(QStringLiteral("class")) == QStringLiteral("mark"))
            marks.push_back({xml.attributes().value(QStringLiteral("data-t")).toDouble(),
                             xml.attributes().value(QStringLiteral("data-n")).toInt(),
                             xml.attributes().value(QStringLiteral("data-p")).toInt()});
    }
    if (xml.hasError()) qFatal("%s", qPrintable(xml.errorString()));
    return marks;
}

QJsonObject dataIn(const QString& page) {
    static const QRegularExpression data(QStringLiteral("id=\"data\">(.*?)</script>"),
                                         QRegularExpression::DotMatchesEverythingOption);
    return QJsonDocument::fromJson(data.match(page).captured(1).toUtf8()).object();
}

/// What the steps wrote into the page, once a browser has gone through them.
QByteArray resultOf(const QString& browser, const QString& file, const QString& profile) {
    QProcess chromium;
    chromium.start(browser,
                   {QStringLiteral("--headless"), QStringLiteral("--no-sandbox"), QStringLiteral("--disable-gpu"),
                    QStringLiteral("--autoplay-policy=no-user-gesture-required"),
                    QStringLiteral("--user-data-dir=") + profile, QStringLiteral("--virtual-time-budget=20000"),
                    QStringLiteral("--timeout=60000"), QStringLiteral("--dump-dom"), QStringLiteral("file://") + file});
    if (!chromium.waitForFinished(120000)) return {};
    static const QRegularExpression result(QStringLiteral("<pre id=\"result\">([^<]*)</pre>"));
    return QByteArray::fromBase64(
        result.match(QString::fromUtf8(chromium.readAllStandardOutput())).captured(1).toLatin1());
}

}  // namespace

class TestReport : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void everyStrokeIsInTheFieldWithItsMoment() {
        const ReportedTake one = reported(*builtInExercise("paradiddle-accents"), 4);
        const QString page = pageOf({one});
        const auto marks = marksIn(fieldIn(page));
        QCOMPARE(marks.size(), one.analysis.matched.strokes.size());
        for (const MatchedStroke& s : one.analysis.matched.strokes) {
            const double timeS = one.analysis.matched.hits[static_cast<std::size_t>(s.hit)].timeS;
            QVERIFY(std::any_of(marks.begin(), marks.end(), [&](const MarkInReport& m) {
                return std::abs(m.timeS - timeS) < 1e-4 && m.stroke == s.written.stroke && m.pass == s.written.pass;
            }));
        }
        QVERIFY(page.contains(QStringLiteral("Paradiddle")) && page.contains(QStringLiteral("Spread")));
        QVERIFY(page.contains(QStringLiteral("2026-03-14 18:00")) && page.contains(QStringLiteral("first try")));
    }

    void aLongPageIsDrawnInLinesAndItsPassesStayRight() {
        Exercise page = *builtInExercise("paradiddle-accents");
        Exercise eight = page;
        eight.strokes.clear();
        eight.bars = 8 * page.bars;
        for (int bar = 0; bar < 8; ++bar)
            for (Stroke s : page.strokes) {
                s.at = s.at + page.length() * bar;
                eight.strokes.push_back(s);
            }
        const ReportedTake one = reported(eight, 2);
        const auto marks = marksIn(fieldIn(pageOf({one})));
        QCOMPARE(marks.size(), eight.strokes.size() * 2);
        const double half = passDurationS(eight, Bpm(100));
        for (const MarkInReport& m : marks) QCOMPARE(m.pass, m.timeS - one.take.frame.firstBeatS < half - 0.05 ? 1 : 2);
    }

    void theClicksAreThoseOfTheTake() {
        const ReportedTake one = reported(*builtInExercise("singles-sixteenths"), 2);
        const QJsonObject take = dataIn(pageOf({one})).value(QStringLiteral("takes")).toArray().at(0).toObject();
        const QJsonArray clicks = take.value(QStringLiteral("clicks")).toArray();
        const double beat = 0.6;
        bool isOnOne = false;
        for (const auto click : clicks) {
            const double beats = (click.toDouble() - one.take.frame.firstBeatS) / beat;
            QVERIFY(std::abs(beats - std::round(beats)) < 1e-3);
            isOnOne = isOnOne || std::abs(beats) < 1e-3;
        }
        QVERIFY(isOnOne);
        QCOMPARE(clicks.size(), 8);
    }

    void nothingIsAskedOfANetworkAndNothingRunsThatIsNotOurs() {
        ReportedTake one = reported(*builtInExercise("paradiddle-accents"), 2);
        one.take.exercise.title = "</title><script>alert(1)</script> & \"x\" 'y' \x01\xff";
        one.analysis.matched.exercise = one.take.exercise;
        one.take.exercise.id = "</script><script>alert(2)</script>";
        one.take.note = "<img src=x onerror=alert(3)>";
        ReportWish wish;
        wish.player = "<b>somebody</b>";
        const QString page = pageOf({one, one}, wish);
        for (const char* hostile : {"<script>alert", "<img", "<b>some", "onerror=alert(3)>"})
            QVERIFY2(!page.contains(QLatin1String(hostile)), hostile);
        QVERIFY(!page.contains(QChar::ReplacementCharacter));  // bytes that are no UTF-8
        QString outside = page;
        outside.remove(QStringLiteral("http://www.w3.org/2000/svg")).remove(QStringLiteral("http-equiv"));
        QVERIFY(!outside.contains(QStringLiteral("http")) && !outside.contains(QStringLiteral("src=\"//")));
        QVERIFY(page.contains(QStringLiteral("default-src 'none'")));
        QCOMPARE(dataIn(page)
                     .value(QStringLiteral("takes"))
                     .toArray()
                     .at(0)
                     .toObject()
                     .value(QStringLiteral("exercise"))
                     .toString(),
                 QStringLiteral("</script><script>alert(2)</script>"));
    }

    void whatIsLeftOutIsNotInIt() {
        const ReportedTake one = reported(*builtInExercise("paradiddle-accents"), 2);
        ReportWish wish;
        wish.withDates = wish.withNotes = wish.withSound = false;
        const QString page = pageOf({one}, wish);
        for (const char* left : {"2026-03-14", "first try", "data:audio", "<audio"})
            QVERIFY2(!page.contains(QLatin1String(left)), left);
        ReportWish with;
        with.player = "A player";
        QVERIFY(pageOf({one}, with).contains(QStringLiteral("A player")));
        // In another language where there is one.
        with.translate = [](const char* source, std::optional<int>) { return std::string("#") + source; };
        QVERIFY(pageOf({one}, with).contains(QStringLiteral("#What was found")));
    }

    void theSoundIsTheTakes() {
        const ReportedTake one = reported(*builtInExercise("paradiddle-accents"), 2);
        const auto packed = opusOf(one.sound);
        QVERIFY(packed.has_value());
        QVERIFY(static_cast<double>(packed->size()) < 20000 * one.sound.durationS());
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("take.opus"));
        QFile out(file);
        QVERIFY(out.open(QIODevice::WriteOnly));
        out.write(packed->data(), static_cast<qint64>(packed->size()));
        out.close();
        const auto back = readSound(file.toStdString());
        QVERIFY(back.has_value());
        QVERIFY(std::abs(back->durationS() - one.sound.durationS()) < 0.03);
        // The strokes stand where they stood.
        const auto hits = detectHits(back->view(), back->sampleRate, {});
        const TakeAnalysis again = analyzeTake(one.take.exercise, one.take.frame, hits, {});
        QVERIFY(again.matched.missed.size() <= 1);
        QVERIFY(std::abs(again.measures.timing.placementMs->value - one.analysis.measures.timing.placementMs->value) <
                0.5);
    }

    void anAnswerIsRead() {
        const auto answers = answersFromJson(
            "{\"format\": \"upbeat-check/answer\", \"version\": 1, \"from\": \"A teacher\", \"takes\": [{\"exercise\": "
            "\"flams\", \"started_at\": \"2026-03-14T18:00:07\", \"tempo_bpm\": 96, \"remarks\": [{\"pass\": 2, "
            "\"stroke\": 5, \"time_s\": 3.5, \"text\": \"late\"}, {\"text\": \"good\"}, {\"text\": \"\"}]}]}",
            "answer.json");
        QVERIFY(answers.has_value());
        QCOMPARE(answers->size(), std::size_t{1});
        const Answer& answer = answers->front();
        QCOMPARE(answer.exerciseId, std::string("flams"));
        QCOMPARE(answer.tempoBpm, std::optional(96.0));
        QCOMPARE(answer.remarks,
                 (std::vector<Remark>{{2, 5, 3.5, "late", "A teacher"}, {0, -1, 0, "good", "A teacher"}}));
    }

    void aHostileAnswerIsRefusedOrTamed_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<bool>("read");
        const QByteArray head = "{\"format\": \"upbeat-check/answer\", \"version\": 1, \"takes\": ";
        QTest::newRow("nothing") << QByteArray() << false;
        QTest::newRow("no JSON") << QByteArray("<html>") << false;
        QTest::newRow("another file") << QByteArray("{\"format\": \"upbeat-check/plan\", \"version\": 1}") << false;
        QTest::newRow("newer") << QByteArray("{\"format\": \"upbeat-check/answer\", \"version\": 9}") << false;
        QTest::newRow("a version that no number holds")
            << QByteArray("{\"format\": \"upbeat-check/answer\", \"version\": 3.3e42, \"takes\": []}") << false;
        QTest::newRow("passes beyond all numbers")
            << head +
                   "[{\"exercise\": \"a\", \"started_at\": \"b\", \"remarks\": [{\"pass\": 1e300, \"stroke\": "
                   "-1e300, \"text\": \"x\"}]}]}"
            << true;
        QTest::newRow("takes are no list") << head + "7}" << false;
        QTest::newRow("a remark without text")
            << head + "[{\"exercise\": \"a\", \"started_at\": \"b\", \"remarks\": [{\"pass\": 1}]}]}" << false;
        QTest::newRow("a number for a text")
            << head + "[{\"exercise\": 7, \"started_at\": \"b\", \"remarks\": []}]}" << false;
        QTest::newRow("numbers out of range")
            << head +
                   "[{\"exercise\": \"a\", \"started_at\": \"b\", \"tempo_bpm\": 1e9, \"remarks\": [{\"pass\": -7, "
                   "\"stroke\": 999999, \"time_s\": -1e300, \"text\": \"x\"}]}]}"
            << true;
        QTest::newRow("very long") << head +
                                          "[{\"exercise\": \"a\", \"started_at\": \"b\", \"remarks\": [{\"text\": \"" +
                                          QByteArray(100000, 'x') + "\\u00e4\\u0007\"}]}]}"
                                   << true;
        QByteArray many = head + "[{\"exercise\": \"a\", \"started_at\": \"b\", \"remarks\": [";
        for (int i = 0; i < 3000; ++i) many += "{\"text\": \"x\"},";
        QTest::newRow("very many") << many + "{\"text\": \"x\"}]}]}" << true;
        QTest::newRow("very deep") << QByteArray(100000, '[') << false;
    }
    void aHostileAnswerIsRefusedOrTamed() {
        QFETCH(QByteArray, text);
        QFETCH(bool, read);
        const auto answers = answersFromJson(text.toStdString(), "answer.json");
        QCOMPARE(answers.has_value(), read);
        if (!answers) {
            QVERIFY(answers.error().sentence().find("answer.json") != std::string::npos);
            return;
        }
        for (const Answer& answer : *answers) {
            QVERIFY(answer.remarks.size() <= kMostRemarks && !answer.tempoBpm);
            for (const Remark& remark : answer.remarks) {
                QVERIFY(remark.pass >= 0 && remark.stroke >= -1 && remark.timeS >= 0);
                QVERIFY(remark.text.size() <= kLongestRemark && remark.text.find('\a') == std::string::npos);
            }
        }
    }

    // In a real browser, where there is one: the sound starts where one clicks, what is written comes back.
    void aBrowserPlaysAndAnswers() {
        const QString browser = QStandardPaths::findExecutable(QStringLiteral("chromium"));
        if (browser.isEmpty()) QSKIP("chromium is not installed");
        const ReportedTake one = reported(*builtInExercise("paradiddle-accents"), 4);
        QFile steps(QStringLiteral(UPBEAT_SOURCE_DIR "/tests/report/browser_steps.js"));
        QVERIFY(steps.open(QIODevice::ReadOnly));
        QString page = pageOf({one});
        page.replace(QStringLiteral("</body>"), QStringLiteral("<script>") + QString::fromUtf8(steps.readAll()) +
                                                    QStringLiteral("</script></body>"));
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("report.html")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(page.toUtf8());
        file.close();
        // The browser writes the page out when it thinks that it is done: sometimes before the sound is.
        QByteArray told;
        for (int attempt = 0; attempt < 10 && told.isEmpty(); ++attempt)
            told = resultOf(browser, file.fileName(), dir.filePath(QStringLiteral("profile")));
        const QJsonObject out = QJsonDocument::fromJson(told).object();
        QVERIFY2(!out.isEmpty() && !out.contains(QStringLiteral("error")), told.constData());
        QCOMPARE(out.value(QStringLiteral("seeks")).toArray().size(), 3);
        for (const auto seek : out.value(QStringLiteral("seeks")).toArray()) QVERIFY(std::abs(seek.toDouble()) < 0.020);
        QCOMPARE(out.value(QStringLiteral("played")).toInt(), 3);
        QVERIFY(out.value(QStringLiteral("runs")).toBool());
        QVERIFY(std::abs(out.value(QStringLiteral("duration")).toDouble() - one.sound.durationS()) < 0.05);
        QCOMPARE(out.value(QStringLiteral("rate")).toDouble(), 0.5);
        QCOMPARE(out.value(QStringLiteral("requests")).toInt(-1), 0);
        const auto answers =
            answersFromJson(out.value(QStringLiteral("answer")).toString().toStdString(), "answer.json");
        QVERIFY(answers.has_value());
        QCOMPARE(answers->front().startedAt, one.take.startedAt);
        QCOMPARE(answers->front().remarks.front().from, std::string("A teacher"));
        QCOMPARE(answers->front().tempoBpm, std::optional(96.0));
        QCOMPARE(answers->front().remarks.size(), std::size_t{2});
        QCOMPARE(answers->front().remarks[0].text, std::string("Listen to <this> \"one\""));
        QCOMPARE(answers->front().remarks[0].stroke, 10);
        QCOMPARE(answers->front().remarks[1].stroke, -1);
    }
};

QTEST_GUILESS_MAIN(TestReport)
#include "tst_report.moc"
