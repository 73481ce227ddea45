// What the panel is made of.
#include "prepare/edit_panel.h"

#include <QGridLayout>
#include <QInputDialog>
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
#include "upbeat/music/transform.h"

namespace upbeat {

void EditPanel::build() {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    m_complaint = new QLabel(this);
    m_complaint->setWordWrap(true);
    m_complaint->setFixedHeight(2 * QFontMetrics(typeFace(Type::kText, true)).lineSpacing());  // the page must not jump
    layout->addWidget(m_complaint);
    makeFields();
    layout->addLayout(buildFields());
    auto* keys = new QScrollArea(this);  // in a low window they give way to the page
    keys->setWidget(buildKeys());
    keys->setWidgetResizable(true);
    keys->setFrameShape(QFrame::NoFrame);
    keys->setFocusPolicy(Qt::NoFocus);
    keys->setMinimumHeight(0);
    keys->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    layout->addWidget(keys, 1);
}

void EditPanel::makeFields() {
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
    for (int v = 0; v < kVoiceCount; ++v) m_voice->addItem(inWords(words::nameOf(static_cast<Voice>(v))));
    m_rule = new QComboBox(this);
    for (const PageRule& rule : pageRules()) m_rule->addItem(rule.name);
    for (QComboBox* box : {m_meter, m_feel, m_voice, m_rule}) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(5);
    }
    m_meter->setMinimumContentsLength(6);
}

QLayout* EditPanel::buildFields() {
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
    return grid;
}

QWidget* EditPanel::buildKeys() {
    auto* box = new QWidget(this);
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 4, 0, 0);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(0);
    const auto hints = editKeyHints();
    const int rows = static_cast<int>((hints.size() + 1) / 2);
    for (int i = 0; i < hints.size(); ++i) {
        auto* key = new QLabel(hints.at(i).key, box);
        key->setFont(typeFace(Type::kSmall, true));
        auto* what = new QLabel(hints.at(i).what, box);
        what->setFont(typeFace(Type::kSmall));
        what->setWordWrap(true);
        grid->addWidget(key, i % rows, 2 * (i / rows));
        grid->addWidget(what, i % rows, 2 * (i / rows) + 1);
    }
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(3, 1);
    return box;
}

}  // namespace upbeat
