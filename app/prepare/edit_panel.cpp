#include "prepare/edit_panel.h"

#include <QGridLayout>
#include <QInputDialog>
#include <QRegularExpression>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "prepare/edit_keys.h"
#include "prepare/meter_choice.h"
#include "prepare/page_rules.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/music/following.h"
#include "upbeat/music/tempo_words.h"
#include "upbeat/music/transform.h"

namespace upbeat {

EditPanel::EditPanel(Manuscript& manuscript, QWidget* parent) : QWidget(parent), m_manuscript(manuscript) {
    build();
    connect(&m_manuscript, &Manuscript::changed, this, &EditPanel::refresh);
    connect(m_title, &QLineEdit::textEdited, this, [this](const QString& text) {
        m_manuscript.edit([&](ExerciseEditor& editor) {
            Exercise frame = editor.exercise();
            frame.title = text.trimmed().toStdString();
            editor.describe(frame);
        });
    });
    connect(m_meter, &QComboBox::activated, this, &EditPanel::applyMeter);
    connect(m_bars, &QSpinBox::valueChanged, this,
            [this](int bars) { m_manuscript.edit([bars](ExerciseEditor& editor) { editor.setBars(bars); }); });
    const auto applyFeel = [this] {
        m_manuscript.edit([this](ExerciseEditor& editor) {
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
        m_manuscript.edit([voice](ExerciseEditor& editor) { editor.addRow(static_cast<Voice>(voice)); });
        Q_EMIT pageWanted();
    });
    connect(m_rule, &QComboBox::activated, this, &EditPanel::applyRule);
}

/// The first half of the list is for the whole phrase, the second for the bar of the pen.
void EditPanel::applyMeter(int index) {
    const Meter& meter = kMeters.at(static_cast<std::size_t>(index) % kMeters.size());
    Result<void> done;
    m_manuscript.edit([&](ExerciseEditor& editor) {
        if (static_cast<std::size_t>(index) < kMeters.size())
            editor.setMeter(meter);
        else
            done = editor.setMeterOfBar(meter);
    });
    if (!done) say(sentenceOf(done.error()));
    Q_EMIT pageWanted();
}

void EditPanel::applyRule(int rule) {
    m_rule->setCurrentIndex(0);
    const auto [name, apply, asks] = pageRules().at(rule);
    if (asks == RuleAsks::Words) askForWords();
    if (asks == RuleAsks::Exercise) Q_EMIT sectionWanted();
    if (!apply || !m_manuscript.isOpen()) return;
    const auto result = apply(m_manuscript.editor().exercise());
    if (!result) {
        say(sentenceOf(result.error()));
        return;
    }
    m_manuscript.edit([&](ExerciseEditor& editor) { editor.replace(*result); });
    Q_EMIT pageWanted();
}

void EditPanel::askForWords() {
    const QString text = QInputDialog::getText(
        this, tr("A rule in your words"),
        tr("Groups of steps, as 5+3+5+3; a roll at the pen by its strokes, as "
           "7; how loud the selection or the bar is, pp to ff; any 6 for six free notes in it; what the tempo "
           "does from the bar on, as 80 %, 70 % over 2 bars or held 2; a section from the bar on, as "
           "section verse 2, or section verse 2 as verse 1; counting words, "
           "as hip-po-pot-a-mus:"));
    if (!text.isEmpty()) say(applyWords(text));
    Q_EMIT pageWanted();
}

namespace {

/// "any 6": the selection holds six notes, whichever.
std::optional<int> freeNotesIn(const QString& text) {
    static const QRegularExpression kAny(QStringLiteral("^any ([1-9][0-9]?)$"));
    const auto match = kAny.match(text.trimmed());
    const int notes = match.captured(1).toInt();
    return match.hasMatch() && notes <= kMostFreeNotes ? std::optional(notes) : std::nullopt;
}

}  // namespace

/// What belongs to the selection and needs no answer: how loud it is, how many free notes it holds.
bool EditPanel::applyToSelection(const QString& text) {
    const auto level = levelOfDynamic(text.trimmed().toStdString());
    const auto notes = freeNotesIn(text);
    if (!level && !notes) return false;
    m_manuscript.edit([&](ExerciseEditor& e) { level ? e.toggleDynamic(*level) : e.askFreeNotes(*notes); });
    return true;
}

QString EditPanel::applyWords(const QString& text) {
    if (!m_manuscript.isOpen()) return {};
    const ExerciseEditor& editor = m_manuscript.editor();
    const std::string typed = text.trimmed().toStdString();
    Result<Exercise> result =
        fail("this is no rule", {}, "write 5+3+5+3, 7, mf, 80 %, snare 8 ms behind or hip-po-pot-a-mus");
    const int bar = barAt(editor.exercise(), editor.at()).number;
    if (applyToSelection(text)) return {};
    const auto placement = placementFromText(typed);
    bool isNumber = false;
    const int strokes = text.toInt(&isNumber);
    if (const auto named = withSectionWords(editor.exercise(), bar, typed)) {
        result = *named;
    } else if (const auto moved = withTempoWords(editor.exercise(), bar, typed)) {
        result = *moved;
    } else if (placement) {
        Exercise placed = editor.exercise();
        placed.placements = withPlacement(placed.placements, *placement);
        result = placed;
        if (const auto good = check(placed.placements); !good) result = tl::unexpected(good.error());
    } else if (isNumber) {
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
    if (!result) return sentenceOf(result.error());
    m_manuscript.edit([&](ExerciseEditor& e) { e.replace(*result); });
    return {};
}

QString EditPanel::append(const Exercise& section) {
    if (!m_manuscript.isOpen()) return {};
    const Exercise& page = m_manuscript.editor().exercise();
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
    if (!form) return sentenceOf(form.error());
    const bool isFeltOtherwise = section.feel != form->feel;
    m_manuscript.edit([&](ExerciseEditor& e) { e.replace(*form); });
    return isFeltOtherwise ? tr("It stands there in the feel of the page: a phrase has one.") : QString();
}

void EditPanel::refresh() {
    if (!m_manuscript.isOpen()) return;
    const ExerciseEditor& editor = m_manuscript.editor();
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
    say(complaint ? sentenceOf(*complaint) : QString());
}

void EditPanel::showMeter(const Meter& meter, bool isOfThisBar) {
    const auto found = std::find(kMeters.begin(), kMeters.end(), meter) - kMeters.begin();
    const auto count = static_cast<std::ptrdiff_t>(kMeters.size());
    m_meter->setCurrentIndex(found == count ? -1 : static_cast<int>(found + (isOfThisBar ? count : 0)));
}

void EditPanel::say(const QString& complaint) {
    m_complaint->setFont(typeFace(Type::kText, !complaint.isEmpty()));
    const ExerciseEditor& editor = m_manuscript.editor();
    if (!complaint.isEmpty())
        m_complaint->setText(complaint);
    else if (editor.exercise().strokes.empty())
        m_complaint->setText(tr("An empty page: type R and L."));
    else
        m_complaint->setText(penInWords(editor));
}

}  // namespace upbeat
