#pragma once

#include <QDialog>
#include <QTabWidget>

#include "place/place.h"

namespace upbeat {

/// The help: a picture of the place one is in with what is to be seen there, all keys, and the words of the program.
class HelpSheet : public QDialog {
    Q_OBJECT
  public:
    /// `now`: the place one is in; null for the keys alone.
    HelpSheet(const Place* now, const QString& name, const QList<KeySection>& sections, QWidget* parent);
    [[nodiscard]] QTabWidget* tabs() const { return m_tabs; }
    /// The languages there are, and the one that is set now.
    void offerLanguages(const QString& now);

  Q_SIGNALS:
    void guideWanted();  ///< Somebody wants to be led through a first take.
    void languageChosen(const QString& code);
    void keysWanted();  ///< To be changed.

  private:
    QTabWidget* m_tabs;
};

}  // namespace upbeat
