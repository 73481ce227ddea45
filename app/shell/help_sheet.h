#pragma once

#include <QDialog>

#include "place/place.h"

namespace upbeat {

/// All keys, by place.
class HelpSheet : public QDialog {
    Q_OBJECT
  public:
    HelpSheet(const QList<KeySection>& sections, QWidget* parent);
};

}  // namespace upbeat
