#pragma once

#include <QDialog>

#include "shell/place.h"

namespace upbeat {

/// All keys, by place.
class HelpSheet : public QDialog {
    Q_OBJECT
  public:
    struct Section {
        QString title;
        QList<KeyHint> keys;
    };
    HelpSheet(const QList<Section>& sections, QWidget* parent);
};

}  // namespace upbeat
