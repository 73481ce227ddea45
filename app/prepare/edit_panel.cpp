#include "prepare/edit_panel.h"

#include <QGridLayout>
#include <QInputDialog>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "prepare/edit_keys.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

/// What a rule has to be told first.
enum class Asks { Nothing, Words, Exercise };

struct Rule {
    QString name;
    std::function<Result<Exercise>(Exercise)> apply;
    Asks asks = Asks::Nothing;
};

Result<Exercise> withMeter(const Exercise& e) {
    return rebarred(e, e.meter == Meter{4, 4} ? Meter{2, 2} : Meter{4, 4});
}

/// Rules for many strokes at once; the first entry is none.
const QList<Rule>& rules() {
    const auto revoicing = [](Revoicing how) {
        return [how](const Exercise& e) -> Result<Exercise> { return revoiced(e, how); };
    };
    const auto every = [](int k, int size) {
        return [k, size](const Exercise& e) -> Result<Exercise> { return accentEvery(e, k, size); };
    };
    static const QList<Rule> list{
        {EditPanel::tr("choose …"), nullptr},
        {EditPanel::tr("the other hand leads"), [](const Exercise& e) -> Result<Exercise> { return mirrored(e); }},
        {EditPanel::tr("accent the 1st of 4"), every(1, 4)},
        {EditPanel::tr("accent the 2nd of 4"), every(2, 4)},
        {EditPanel::tr("accent the 3rd of 4"), every(3, 4)},
        {EditPanel::tr("accent the 4th of 4"), every(4, 4)},
        {EditPanel::tr("accent the 1st of 3"), every(1, 3)},
        {EditPanel::tr("accents one stroke on"),
         [](const Exercise& e) -> Result<Exercise> { return accentsMoved(e, 1); }},
        {EditPanel::tr("accents in runs of 4, 3, 2, 1"),
         [](const Exercise& e) -> Result<Exercise> {
             constexpr std::array kRuns{4, 3, 2, 1};
             return accentRuns(e, kRuns);
         }},
        {EditPanel::tr("hands on ride and hi-hat"), revoicing(Revoicing::HandsOnRideAndHat)},
        {EditPanel::tr("accents on the toms"), revoicing(Revoicing::AccentsToToms)},
        {EditPanel::tr("right hand on the bass drum"), revoicing(Revoicing::RightHandToBass)},
        {EditPanel::tr("all on the pad"), revoicing(Revoicing::AllOnThePad)},
        {EditPanel::tr("4/4 and cut time"), withMeter},
        {EditPanel::tr("count in numbers"),
         [](Exercise e) -> Result<Exercise> {
             e.counting = Counting::Numbers;
             return e;
         }},
        {EditPanel::tr("another exercise behind it …"), nullptr, Asks::Exercise},
        {EditPanel::tr("groups, a roll, pp to ff, words …"), nullptr, Asks::Words},
    };
    return list;
}

constexpr std::array kMeters{Meter{2, 4}, Meter{3, 4}, Meter{4, 4}, Meter{5, 4}, Meter{2, 2},
                             Meter{6, 8}, Meter{7, 8}, Meter{9, 8}, Meter{12, 8}};

}  // namespace

EditPanel::EditPanel(CountLineEditor* line, QWidget* parent) : QWidget(parent), m_line(line) {
    build();
    connect(m_line, &CountLineEditor::changed, this, &EditPanel::refresh);
    connect(m_title, &QLineEdit::textEdited, this, [this](const QString& text) {
        m_line->edit([&](ExerciseEditor& editor) {
            Exercise frame = editor.exercise();
            frame.title = text.trimmed().toStdString();
            editor.describe(frame);
        });
    });
    connect(m_meter, &QComboBox::activated, this, &EditPanel::applyMeter);
    connect(m_bars, &QSpinBox::valueChanged, this,
            [this](int bars) { m_line->edit([bars](ExerciseEditor& editor) { editor.setBars(bars); }); });
    const auto applyFeel = [this] {
        m_line->edit([this](ExerciseEditor& editor) {
            Exercise frame = editor.exercise();
            frame.feel.level = static_cast<SwingLevel>(m_feel->currentIndex() % 3);
            frame.feel.byTempo = m_feel->currentIndex() == 3;
            if (frame.feel.byTempo) frame.feel.level = SwingLevel::Eighth;
            frame.feel.ratio = frame.feel.isSwung() ? m_ratio->value() : 1.0;
            editor.describe(frame);
        });
    };
    connect(m_feel, &QComboBox::activated, this, applyFeel);
    connect(m_ratio, &QDoubleSpinBox::valueChanged, this, applyFeel);
    connect(m_voice, &QComboBox::activated, this, [this](int voice) {
        m_line->edit([voice](ExerciseEditor& editor) { editor.addRow(static_cast<Voice>(voice)); });
        m_line->setFocus();
    });
    connect(m_rule, &QComboBox::activated, this, &EditPanel::applyRule);
}

void EditPanel::build() {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    m_complaint = new QLabel(this);
    m_complaint->setWordWrap(true);
    m_complaint->setFixedHeight(2 * QFontMetrics(typeFace(Type::kText, true)).lineSpacing());  // the page must not jump
    layout->addWidget(m_complaint);
    m_title = new QLineEdit(this);
    m_meter = new QComboBox(this);
    for (const Meter& meter : kMeters) m_meter->addItem(QString::fromStdString(meter.toString()));
    for (const Meter& meter : kMeters) m_meter->addItem(tr("%1 here").arg(QString::fromStdString(meter.toString())));
    m_bars = new QSpinBox(this);
    m_bars->setRange(1, kMostBars);
    m_bars->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_feel = new QComboBox(this);
    m_feel->addItems({tr("straight"), tr("swung eighths"), tr("swung sixteenths"), tr("swung by tempo")});
    m_ratio = new QDoubleSpinBox(this);
    m_ratio->setRange(1.0, kLargestSwing);
    m_ratio->setSingleStep(0.1);
    m_ratio->setValue(2.0);
    m_ratio->setSuffix(QStringLiteral(" : 1"));
    m_ratio->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_voice = new QComboBox(this);
    for (int v = 0; v < kVoiceCount; ++v) m_voice->addItem(inWords(spokenName(static_cast<Voice>(v))));
    m_rule = new QComboBox(this);
    for (const Rule& rule : rules()) m_rule->addItem(rule.name);
    for (QComboBox* box : {m_meter, m_feel, m_voice, m_rule}) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(5);
    }
    m_meter->setMinimumContentsLength(6);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(14);
    const QList<std::pair<QString, QWidget*>> fields{
        {tr("Title"), m_title}, {tr("Meter"), m_meter},   {tr("Bars"), m_bars}, {tr("Feel"), m_feel},
        {tr("Ratio"), m_ratio}, {tr("Row for"), m_voice}, {tr("Rule"), m_rule}};
    const QList<int> stretches{6, 2, 2, 3, 2, 3, 5};
    for (int i = 0; i < fields.size(); ++i) {
        auto* label = new QLabel(fields.at(i).first, this);
        label->setFont(typeFace(Type::kSmall));
        label->setBuddy(fields.at(i).second);
        fields.at(i).second->setAccessibleName(fields.at(i).first);
        grid->addWidget(label, 0, i);
        grid->addWidget(fields.at(i).second, 1, i);
        grid->setColumnStretch(i, stretches.at(i));
    }
    layout->addLayout(grid);
    auto* keys = new QScrollArea(this);  // in a low window they give way to the page
    keys->setWidget(buildKeys());
    keys->setWidgetResizable(true);
    keys->setFrameShape(QFrame::NoFrame);
    keys->setFocusPolicy(Qt::NoFocus);
    keys->setMinimumHeight(0);
    keys->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    layout->addWidget(keys, 1);
}

QWidget* EditPanel::buildKeys() {
    auto* box = new QWidget(this);
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 8, 0, 0);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(3);
    const auto& hints = editKeyHints();
    const int rows = static_cast<int>((hints.size() + 1) / 2);
    for (int i = 0; i < hints.size(); ++i) {
        auto* key = new QLabel(hints.at(i).key, box);
        key->setFont(typeFace(Type::kSmall, true));
        auto* what = new QLabel(hints.at(i).what, box);
        what->setFont(typeFace(Type::kSmall));
        grid->addWidget(key, i % rows, 2 * (i / rows));
        grid->addWidget(what, i % rows, 2 * (i / rows) + 1);
    }
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(3, 1);
    return box;
}

/// The first half of the list is for the whole phrase, the second for the bar of the pen.
void EditPanel::applyMeter(int index) {
    const Meter& meter = kMeters.at(static_cast<std::size_t>(index) % kMeters.size());
    Result<void> done;
    m_line->edit([&](ExerciseEditor& editor) {
        if (static_cast<std::size_t>(index) < kMeters.size())
            editor.setMeter(meter);
        else
            done = editor.setMeterOfBar(meter);
    });
    if (!done) say(QString::fromStdString(done.error().sentence()));
    m_line->setFocus();
}

void EditPanel::applyRule(int rule) {
    m_rule->setCurrentIndex(0);
    const auto& [name, apply, asks] = rules().at(rule);
    if (asks == Asks::Words) askForWords();
    if (asks == Asks::Exercise) Q_EMIT sectionWanted();
    if (!apply || !m_line->isOpen()) return;
    const auto result = apply(m_line->editor().exercise());
    if (!result) {
        say(QString::fromStdString(result.error().sentence()));
        return;
    }
    m_line->edit([&](ExerciseEditor& editor) { editor.replace(*result); });
    m_line->setFocus();
}

void EditPanel::askForWords() {
    const QString text = QInputDialog::getText(this, tr("A rule in your words"),
                                               tr("Groups of steps, as 5+3+5+3; a roll at the pen by its strokes, as "
                                                  "7; how loud the selection or the bar is, pp to ff; counting words, "
                                                  "as hip-po-pot-a-mus:"));
    if (!text.isEmpty()) say(applyWords(text));
    m_line->setFocus();
}

QString EditPanel::applyWords(const QString& text) {
    if (!m_line->isOpen()) return {};
    const ExerciseEditor& editor = m_line->editor();
    const std::string typed = text.trimmed().toStdString();
    Result<Exercise> result = fail("this is no rule", {}, "write 5+3+5+3, 7, mf or hip-po-pot-a-mus");
    if (const auto level = levelOfDynamic(typed)) {
        m_line->edit([&](ExerciseEditor& e) { e.toggleDynamic(*level); });
        return {};
    }
    bool isNumber = false;
    const int strokes = text.toInt(&isNumber);
    if (isNumber) {
        result = withRoll(editor.exercise(), editor.at(), editor.voice(), strokes, editor.step());
    } else if (text.contains(QLatin1Char('+'))) {
        std::vector<int> groups;
        for (const QString& group : text.split(QLatin1Char('+'))) groups.push_back(group.trimmed().toInt());
        result = grouped(editor.exercise(), groups, editor.step());
    } else if (const auto words = wordsFromText(typed)) {
        Exercise counted = editor.exercise();
        counted.words[static_cast<int>(words->size())] = *words;
        result = counted;
    }
    if (!result) return QString::fromStdString(result.error().sentence());
    m_line->edit([&](ExerciseEditor& e) { e.replace(*result); });
    return {};
}

QString EditPanel::append(const Exercise& section) {
    if (!m_line->isOpen()) return {};
    const Exercise& page = m_line->editor().exercise();
    std::vector<FormPart> sections;
    if (!page.strokes.empty()) sections.push_back({page, 1});
    sections.push_back({section, 1});
    Exercise frame = page;
    if (page.strokes.empty()) {
        frame.meter = section.meter;
        frame.tempo = section.tempo;
        frame.feel = section.feel;
    }
    const auto form = formOf(std::move(frame), sections);
    if (!form) return QString::fromStdString(form.error().sentence());
    const bool isFeltOtherwise = section.feel != form->feel;
    m_line->edit([&](ExerciseEditor& e) { e.replace(*form); });
    return isFeltOtherwise ? tr("It stands there in the feel of the page: a phrase has one.") : QString();
}

void EditPanel::refresh() {
    if (!m_line->isOpen()) return;
    const ExerciseEditor& editor = m_line->editor();
    const Exercise& e = editor.exercise();
    const QSignalBlocker a(m_title), b(m_meter), c(m_bars), d(m_feel), f(m_ratio), g(m_voice);
    if (!m_title->hasFocus()) {
        m_title->setText(QString::fromStdString(e.title));
        m_title->setCursorPosition(0);  // a long one shows its beginning
    }
    showMeter(barAt(e, editor.at()).meter, !e.meterChanges.empty());
    m_bars->setValue(e.bars);
    m_feel->setCurrentIndex(e.feel.byTempo ? 3 : static_cast<int>(e.feel.level));
    m_ratio->setEnabled(e.feel.isSwung() && !e.feel.byTempo);
    if (e.feel.isSwung()) m_ratio->setValue(e.feel.ratio);
    m_voice->setCurrentIndex(static_cast<int>(editor.voice()));
    const auto complaint = editor.complaint();
    say(complaint ? QString::fromStdString(complaint->sentence()) : QString());
}

void EditPanel::showMeter(const Meter& meter, bool isOfThisBar) {
    const auto found = std::find(kMeters.begin(), kMeters.end(), meter) - kMeters.begin();
    const auto count = static_cast<std::ptrdiff_t>(kMeters.size());
    m_meter->setCurrentIndex(found == count ? -1 : static_cast<int>(found + (isOfThisBar ? count : 0)));
}

void EditPanel::say(const QString& complaint) {
    m_complaint->setFont(typeFace(Type::kText, !complaint.isEmpty()));
    const ExerciseEditor& editor = m_line->editor();
    if (!complaint.isEmpty())
        m_complaint->setText(complaint);
    else if (editor.exercise().strokes.empty())
        m_complaint->setText(tr("An empty page: type R and L."));
    else
        m_complaint->setText(penInWords(editor));
}

}  // namespace upbeat
