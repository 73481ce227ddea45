#pragma once

#include <QColor>
#include <QFont>
#include <QPalette>
#include <QString>

class QPainter;
class QWidget;

namespace upbeat {

/// Every colour of the application. Early and late are a blue and an orange that stay apart for colour-blind eyes; they
/// support the lean of a stroke and never stand alone.
struct Theme {
    bool dark = false;
    QColor ground;   ///< Behind everything.
    QColor surface;  ///< Cards and fields.
    QColor edge;     ///< Outlines of cards, grid lines.
    QColor ink;      ///< Text and strokes.
    QColor inkSoft;  ///< Second-rank text.
    QColor target;   ///< The pale bar of a written stroke.
    QColor early;
    QColor late;
    QColor spine;  ///< The strip at the left and the verdict bar.
    QColor spineInk;
    QColor spineSoft;
    QColor action;  ///< The key of the next step, on the spine colour.

    [[nodiscard]] static const Theme& light();
    [[nodiscard]] static const Theme& night();
    /// White on black with two colours that no eye takes for one another: as much contrast as there is.
    [[nodiscard]] static const Theme& stark();
    /// Light, night, stark, and from the start.
    [[nodiscard]] const Theme& next() const;
    /// The theme a widget is shown in, read off its palette.
    [[nodiscard]] static const Theme& of(const QPalette& palette);
    [[nodiscard]] QPalette palette() const;
    /// Style sheet for the standard controls.
    [[nodiscard]] QString styleSheet() const;
};

/// Begins to paint a widget that is a card: its ground and its outline.
void paintCard(QPainter& painter, const QWidget& card);

/// Loads the shipped fonts. False when the resource is damaged.
[[nodiscard]] bool loadFonts();

/// The shipped family at a size in pixels.
[[nodiscard]] QFont typeFace(double pixels, bool bold = false);

/// The shipped family at `pixels`, or smaller, down to `least`, where the text would not fit into the room.
[[nodiscard]] QFont fittingFace(const QString& text, double room, double pixels, double least, bool bold = false);

/// The sizes used: from captions to the tempo on the Play place, where the height of the window decides.
struct Type {
    static constexpr double kSmall = 14;
    static constexpr double kText = 16;
    static constexpr double kLead = 19;
    static constexpr double kTitle = 24;
    static constexpr double kFigure = 40;
};

}  // namespace upbeat
