#include "shell/start_trouble.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "studio/notices.h"
#include "theme/theme.h"

namespace upbeat {

StartTrouble::StartTrouble(const Error& error, bool canRebuild, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Upbeat Check cannot start"));
    setMinimumWidth(620);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(28, 24, 28, 24);
    down->setSpacing(18);
    auto* lead = new QLabel(tr("Your practice folder cannot be opened. Nothing was changed in it."), this);
    lead->setFont(typeFace(Type::kLead, true));
    auto* sentence = new QLabel(sentenceOf(error), this);
    sentence->setFont(typeFace(Type::kText));
    for (QLabel* label : {lead, sentence}) {
        label->setWordWrap(true);
        down->addWidget(label);
    }
    sentence->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    auto* buttons = new QHBoxLayout;
    const auto add = [&](const QString& text, WayOut wayOut) {
        auto* button = new QPushButton(text, this);
        button->setAutoDefault(false);
        connect(button, &QPushButton::clicked, this, [this, wayOut] { choose(wayOut); });
        buttons->addWidget(button);
        return button;
    };
    if (canRebuild) {
        auto* about = new QLabel(tr("The damaged logbook can be set aside, under another name. The one of the newest "
                                    "backup takes its place; what was played since, or all of it where there is none, "
                                    "is read from the recordings. Notes are not in the recordings."),
                                 this);
        about->setFont(typeFace(Type::kSmall));
        about->setWordWrap(true);
        down->addWidget(about);
        add(tr("Set it aside and rebuild"), WayOut::Rebuild)->setDefault(true);
    }
    QPushButton* other = add(tr("Another folder"), WayOut::OtherFolder);
    if (!canRebuild) other->setDefault(true);
    add(tr("Quit"), WayOut::Quit);
    buttons->addStretch();
    down->addLayout(buttons);
}

void StartTrouble::choose(WayOut wayOut) {
    m_wayOut = wayOut;
    wayOut == WayOut::Quit ? reject() : accept();
}

}  // namespace upbeat
