#pragma once

#include <QMainWindow>
#include <QStackedWidget>

#include "shell/footer_bar.h"
#include "shell/guide.h"
#include "shell/header_bar.h"
#include "shell/notice_bar.h"
#include "shell/spine.h"
#include "studio/studio.h"

namespace upbeat {

struct Theme;

class LookPlace;

/// The window: spine, header, the place in front, footer. Keys that work everywhere live here.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    enum PlaceIndex { Prepare, Play, Look, Climb, Log };

    explicit MainWindow(Studio& studio);

    void go(int place);
    [[nodiscard]] int current() const { return m_stack->currentIndex(); }
    [[nodiscard]] Place* place(int index) const { return m_places.at(index); }
    [[nodiscard]] NoticeBar* notices() const { return m_notices; }
    [[nodiscard]] Guide* guide() const { return m_guide; }
    [[nodiscard]] HeaderBar* header() const { return m_header; }
    /// Applied to the whole application.
    static void applyTheme(const Theme& theme);
    /// Offers takes an earlier run did not finish, and the note on care at the first start.
    void greet();
    /// To the step of the sound check that is open.
    void showSoundCheck();

  Q_SIGNALS:
    void languageChosen(const QString& code);  ///< Empty: the language of the desktop.
    void keysChosen();                         ///< The KeyMap is another one.

  protected:
    void closeEvent(QCloseEvent* event) override;

  private:
    void buildPlaces();
    void buildKeys();
    void offerSoundCheck();
    void connectStudio();
    void addGlobalKey(const QKeySequence& sequence, const QString& shown, const QString& what,
                      std::function<void()> action);
    void refreshHeader();
    void refreshFooter();
    [[nodiscard]] bool isTaking() const;  // or about to, with the first stroke
    void toggleTake();
    void toggleStill();
    void showHelp();

    Studio& m_studio;
    Spine* m_spine;
    HeaderBar* m_header;
    FooterBar* m_footer;
    NoticeBar* m_notices;
    Guide* m_guide;
    QStackedWidget* m_stack;
    QList<Place*> m_places;
    QList<KeyHint> m_globalKeys;
    bool m_dark = false;
};

}  // namespace upbeat
