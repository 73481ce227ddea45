#include "prepare/practice_controls.h"

#include <QAbstractItemView>
#include <QGridLayout>
#include <QLabel>
#include <QResizeEvent>
#include <QSignalBlocker>

#include "studio/click_presets.h"
#include "studio/notices.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

constexpr int kColumns = 5;
constexpr int kNarrowColumns = 3;

QLabel* caption(const QString& text, QWidget* buddy) {
    auto* label = new QLabel(text, buddy->parentWidget());
    label->setFont(typeFace(Type::kSmall));
    label->setBuddy(buddy);
    buddy->setAccessibleName(text);
    return label;
}

/// From none, which has a name of its own.
QSpinBox* countBox(int most, const QString& none, QWidget* parent) {
    auto* box = new QSpinBox(parent);
    box->setRange(0, most);
    box->setSpecialValueText(none);
    return box;
}

QDoubleSpinBox* tempoBox(QWidget* parent) {
    auto* box = new QDoubleSpinBox(parent);
    box->setRange(kSlowestTempo, kFastestTempo);
    box->setDecimals(0);
    box->setKeyboardTracking(false);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    box->setFont(typeFace(Type::kTitle, true));
    return box;
}

}  // namespace

PracticeControls::PracticeControls(const With& with, QWidget* parent) : QWidget(parent), m_with(with) {
    build();
    connect(&m_with.stand, &Stand::ladderChanged, this, &PracticeControls::refresh);
    connect(&m_with.setup, &Setup::changed, this, &PracticeControls::refresh);
    connect(&m_with.inputs, &InputList::changed, this, &PracticeControls::listInputs);
    connect(&m_with.input, &AudioInput::opened, this, &PracticeControls::refresh);
    listInputs();
}

void PracticeControls::build() {
    m_grid = new QGridLayout(this);
    m_grid->setContentsMargins(0, 0, 0, 0);
    m_grid->setHorizontalSpacing(18);
    m_grid->setVerticalSpacing(3);
    m_tempo = tempoBox(this);
    m_goal = tempoBox(this);
    m_bars = countBox(400, tr("until I stop"), this);
    m_countIn = countBox(4, tr("first stroke"), this);
    buildClick();
    m_minutes = countBox(120, tr("no timer"), this);
    m_rest = new QSpinBox(this);
    m_rest->setRange(1, 60);
    m_rest->setSuffix(QStringLiteral(" s"));
    m_voice = new QComboBox(this);
    m_voice->addItems({tr("no voice"), tr("says what is next"), tr("counts in too"), tr("counts throughout")});
    for (QSpinBox* spin : {m_bars, m_countIn, m_clickLevel, m_minutes, m_rest})
        spin->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_profile = new QComboBox(this);
    m_profile->addItems(
        {tr("practice contrast"), tr("performance"), tr("practice, two levels"), tr("performance, two levels")});
    m_input = new QComboBox(this);
    m_inputNote = new QLabel(this);
    m_inputNote->setWordWrap(true);
    m_inputNote->setFont(typeFace(Type::kSmall));
    m_teach = new QPushButton(this);
    m_teach->setFocusPolicy(Qt::TabFocus);
    m_teach->setAccessibleName(tr("Teach the kit"));
    for (QComboBox* combo : {m_click, m_tone, m_profile, m_input, m_voice}) {
        combo->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        combo->setMinimumContentsLength(6);
    }
    layOut();
    connectAll();
}

void PracticeControls::buildClick() {
    m_click = new QComboBox(this);
    for (const ClickPreset& preset : clickPresets()) m_click->addItem(preset.name);
    m_tone = new QComboBox(this);
    for (int tone = 0; tone < kClickTones; ++tone)
        m_tone->addItem(inWords(words::nameOf(static_cast<ClickTone>(tone))));
    m_clickLevel = new QSpinBox(this);
    m_clickLevel->setRange(0, 100);
    m_clickLevel->setSuffix(QStringLiteral(" %"));
}

void PracticeControls::layOut() {
    const QList<std::pair<QString, QWidget*>> fields{{tr("Tempo"), m_tempo},       {tr("Goal"), m_goal},
                                                     {tr("Bars a take"), m_bars},  {tr("Count-in bars"), m_countIn},
                                                     {tr("Minutes"), m_minutes},   {tr("Click"), m_click},
                                                     {tr("Click sound"), m_tone},  {tr("Click level"), m_clickLevel},
                                                     {tr("Rest"), m_rest},         {tr("Voice"), m_voice},
                                                     {tr("Asked for"), m_profile}, {tr("Input"), m_input}};
    for (const auto& [name, widget] : fields) m_fields.append({caption(name, widget), widget});
    arrange(kColumns);
}

void PracticeControls::arrange(int columns) {
    if (columns == m_columns) return;
    m_columns = columns;
    int column = 0;
    int row = 0;
    for (const auto& [name, widget] : m_fields) {
        const int wide = std::min(columns, widget == m_profile ? 2 : (widget == m_input ? 3 : 1));  // long names
        if (column + wide > columns) column = 0, row += 2;
        m_grid->addWidget(name, row, column, 1, wide);
        m_grid->addWidget(widget, row + 1, column, 1, wide);
        column += wide;
    }
    m_grid->addWidget(m_inputNote, row + 2, 0, 1, columns);
    m_grid->addWidget(m_teach, row + 3, 0, 1, columns);
    for (int k = 0; k < kColumns; ++k) m_grid->setColumnStretch(k, k < columns ? 1 : 0);
}

QSize PracticeControls::minimumSizeHint() const {
    constexpr int kNarrow = 340;
    return {kNarrow, QWidget::minimumSizeHint().height()};
}

void PracticeControls::resizeEvent(QResizeEvent* event) {
    constexpr int kRoomForAll = 620;
    arrange(event->size().width() >= kRoomForAll ? kColumns : kNarrowColumns);
    QWidget::resizeEvent(event);
}

void PracticeControls::connectAll() {
    connect(m_teach, &QPushButton::clicked, this, &PracticeControls::teachWanted);
    connect(m_tempo, &QDoubleSpinBox::valueChanged, &m_with.stand, &Stand::setTempo);
    connect(m_goal, &QDoubleSpinBox::valueChanged, &m_with.stand, &Stand::setGoal);
    connect(m_bars, &QSpinBox::valueChanged, this,
            [this](int v) { changeSetting([v](PracticeSettings& s) { s.barsPerTake = v; }); });
    connect(m_countIn, &QSpinBox::valueChanged, this,
            [this](int v) { changeSetting([v](PracticeSettings& s) { s.countInBars = v; }); });
    connect(m_click, &QComboBox::activated, this,
            [this](int v) { changeSetting([v](PracticeSettings& s) { s.click = clickPresets().at(v).click; }); });
    connect(m_tone, &QComboBox::activated, this,
            [this](int v) { changeSetting([v](PracticeSettings& s) { s.clickTone = static_cast<ClickTone>(v); }); });
    connect(m_clickLevel, &QSpinBox::valueChanged, this,
            [this](int v) { changeSetting([v](PracticeSettings& s) { s.clickGain = v / 100.0; }); });
    connect(m_minutes, &QSpinBox::valueChanged, this,
            [this](int v) { changeSetting([v](PracticeSettings& s) { s.minutes = v; }); });
    connect(m_rest, &QSpinBox::valueChanged, this,
            [this](int v) { changeSetting([v](PracticeSettings& s) { s.restS = v; }); });
    connect(m_voice, &QComboBox::activated, this,
            [this](int v) { changeSetting([v](PracticeSettings& s) { s.voice = static_cast<VoiceUse>(v); }); });
    connect(m_profile, &QComboBox::activated, this, [this](int v) {
        changeSetting([v](PracticeSettings& s) {
            s.profile = v % 2 == 1 ? ProfileKind::Performance : ProfileKind::Practice;
            s.twoLevels = v >= 2;
        });
    });
    connect(m_input, &QComboBox::activated, this, [this](int) {
        changeSetting(
            [this](PracticeSettings& s) { s.input = inputFromText(m_input->currentData().toString().toStdString()); });
    });
}

void PracticeControls::changeSetting(const std::function<void(PracticeSettings&)>& change) {
    PracticeSettings settings = m_with.setup.settings();
    change(settings);
    m_with.setup.change(settings);
}

void PracticeControls::listInputs() {
    if (m_input->view()->isVisible()) return;  // not under the player's hand
    const QSignalBlocker quiet(m_input);
    m_input->clear();
    const auto add = [this](const QString& label, const InputId& id) {
        m_input->addItem(label, QString::fromStdString(toText(id)));
    };
    for (const InputDevice& device : m_with.inputs.found().devices)
        add(QString::fromStdString(device.label), device.id);
    add(tr("Simulated player"), SimulatedInput{});
    refresh();
}

/// The input that is set is shown also when it is not there.
void PracticeControls::showInput(const InputId& id) {
    const QString text = QString::fromStdString(toText(id));
    if (m_input->findData(text) < 0)
        m_input->insertItem(0, tr("%1 (not there)").arg(QString::fromStdString(nameOf(id))), text);
    m_input->setCurrentIndex(m_input->findData(text));
    QStringList sentences;
    for (const Error& refusal : m_with.inputs.found().refusals) sentences << sentenceOf(refusal);
    const bool none = m_with.inputs.isKnown() && m_with.inputs.found().devices.empty();
    m_inputNote->setText(none ? tr("No microphone is offered: %1.").arg(refusalsInWords(m_with.inputs.found()))
                              : QString());
    m_inputNote->setVisible(none);
    m_input->setToolTip(sentences.join(QLatin1Char('\n')));
}

void PracticeControls::refresh() {
    const QSignalBlocker a(m_tempo), b(m_goal), c(m_bars), d(m_countIn), e(m_clickLevel), f(m_minutes), g(m_input),
        h(m_rest);
    const PracticeSettings& s = m_with.setup.settings();
    m_tempo->setValue(m_with.stand.ladder().tempoBpm);
    m_goal->setValue(m_with.stand.ladder().ladder.goalBpm);
    m_bars->setValue(s.barsPerTake);
    m_countIn->setValue(s.countInBars);
    const auto presets = clickPresets();
    const auto preset =
        std::find_if(presets.begin(), presets.end(), [&s](const ClickPreset& p) { return p.click == s.click; });
    m_click->setCurrentIndex(preset == presets.end() ? -1 : static_cast<int>(preset - presets.begin()));
    m_tone->setCurrentIndex(static_cast<int>(s.clickTone));
    m_clickLevel->setValue(qRound(100 * s.clickGain));
    m_minutes->setValue(s.minutes);
    m_rest->setValue(qRound(s.restS));
    m_voice->setCurrentIndex(static_cast<int>(s.voice));
    const bool canSpeak = m_with.speaker.isThere();
    m_voice->setEnabled(canSpeak);
    m_voice->setToolTip(canSpeak ? QString() : tr("Install espeak-ng, and a voice says what is next."));
    m_profile->setCurrentIndex((s.profile == ProfileKind::Performance ? 1 : 0) + (s.twoLevels ? 2 : 0));
    showInput(s.input);
    m_teach->setVisible(m_with.lessons.canTeach() && !m_with.stand.isPart());
    m_teach->setText(m_with.lessons.isTaught()
                         ? tr("The drums are told apart. Teach the kit anew …")
                         : tr("Several drums on one microphone: teach the kit, each drum alone …"));
}

}  // namespace upbeat
