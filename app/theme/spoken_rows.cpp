#include "theme/spoken_rows.h"

#include <QAccessibleWidget>
#include <QPointer>
#include <QWidget>
#include <algorithm>
#include <vector>

namespace upbeat {

namespace {

/// One row: a text, and where it lies.
class SpokenRow : public QAccessibleInterface {
  public:
    SpokenRow(QWidget* view, int index) : m_view(view), m_index(index) {}

    [[nodiscard]] bool isValid() const override { return m_view != nullptr && m_index < rows().spokenRowCount(); }
    [[nodiscard]] QObject* object() const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* parent() const override {
        return QAccessible::queryAccessibleInterface(m_view);
    }
    [[nodiscard]] QAccessibleInterface* child(int /*index*/) const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* childAt(int /*x*/, int /*y*/) const override { return nullptr; }
    [[nodiscard]] int childCount() const override { return 0; }
    [[nodiscard]] int indexOfChild(const QAccessibleInterface* /*child*/) const override { return -1; }
    [[nodiscard]] QString text(QAccessible::Text kind) const override {
        return kind == QAccessible::Name && isValid() ? rows().spokenRow(m_index) : QString();
    }
    void setText(QAccessible::Text /*kind*/, const QString& /*text*/) override {}
    [[nodiscard]] QAccessible::Role role() const override { return QAccessible::ListItem; }
    /// A row of a place that is not shown is not there to be read.
    [[nodiscard]] QAccessible::State state() const override {
        QAccessible::State state;
        state.readOnly = true;
        state.invisible = m_view == nullptr || !m_view->isVisible();
        return state;
    }
    [[nodiscard]] QRect rect() const override {
        const int height = m_view->height() / std::max(1, rows().spokenRowCount());
        return {m_view->mapToGlobal(QPoint(0, m_index * height)), QSize(m_view->width(), height)};
    }

  private:
    [[nodiscard]] const SpokenRows& rows() const { return dynamic_cast<const SpokenRows&>(*m_view); }

    QPointer<QWidget> m_view;
    int m_index;
};

/// The widget as a list of them.
class SpokenList : public QAccessibleWidget {
  public:
    explicit SpokenList(QWidget* view) : QAccessibleWidget(view, QAccessible::List) {}
    ~SpokenList() override {
        for (const QAccessible::Id id : m_rows) QAccessible::deleteAccessibleInterface(id);
    }
    SpokenList(const SpokenList&) = delete;
    SpokenList& operator=(const SpokenList&) = delete;

    [[nodiscard]] int childCount() const override {
        return dynamic_cast<const SpokenRows&>(*widget()).spokenRowCount();
    }
    [[nodiscard]] QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount()) return nullptr;
        for (auto row = static_cast<int>(m_rows.size()); row <= index; ++row)
            m_rows.push_back(QAccessible::registerAccessibleInterface(new SpokenRow(widget(), row)));
        return QAccessible::accessibleInterface(m_rows[static_cast<std::size_t>(index)]);
    }
    [[nodiscard]] int indexOfChild(const QAccessibleInterface* child) const override {
        for (std::size_t row = 0; row < m_rows.size(); ++row)
            if (QAccessible::accessibleInterface(m_rows[row]) == child) return static_cast<int>(row);
        return -1;
    }

  private:
    mutable std::vector<QAccessible::Id> m_rows;
};

QAccessibleInterface* listOf(const QString& /*className*/, QObject* object) {
    auto* view = qobject_cast<QWidget*>(object);
    return view != nullptr && dynamic_cast<SpokenRows*>(view) != nullptr ? new SpokenList(view) : nullptr;
}

}  // namespace

void SpokenRows::speakToReaders() {
    QAccessible::installFactory(listOf);
}

}  // namespace upbeat
