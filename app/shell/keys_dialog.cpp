#include "shell/keys_dialog.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>

#include "place/key_map.h"
#include "theme/theme.h"

namespace upbeat {

KeysDialog::KeysDialog(const QList<KeySection>& sections, QWidget* parent)
    : QDialog(parent),
      m_table(new QTableWidget(this)),
      m_key(new QKeySequenceEdit(this)),
      m_said(new QLabel(this)),
      m_everywhere(sections.isEmpty() ? QString() : sections.front().title) {
    setWindowTitle(tr("Keys of your own"));
    resize(720, 560);
    for (const KeySection& section : sections)
        for (const KeyHint& hint : section.keys)
            if (!hint.standard.isEmpty()) m_rows.append({section.title, hint});
    auto* down = new QVBoxLayout(this);
    dressTable();
    down->addWidget(m_table, 1);
    auto* across = new QHBoxLayout;
    m_key->setAccessibleName(tr("The new key"));
    auto* standard = new QPushButton(tr("As it was"), this);
    across->addWidget(new QLabel(tr("Choose a line, then press its new key here:"), this));
    across->addWidget(m_key, 1);
    across->addWidget(standard);
    down->addLayout(across);
    m_said->setWordWrap(true);
    m_said->setFont(typeFace(Type::kText, true));
    down->addWidget(m_said);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::accept);
    connect(m_key, &QKeySequenceEdit::editingFinished, this, [this] {
        if (!m_key->keySequence().isEmpty()) change(m_table->currentRow(), m_key->keySequence());
        m_key->clear();
    });
    connect(standard, &QPushButton::clicked, this, [this] { change(m_table->currentRow(), {}); });
    fill();
}

void KeysDialog::dressTable() {
    m_table->setColumnCount(3);
    m_table->setHorizontalHeaderLabels({tr("Place"), tr("What it does"), tr("Key")});
    m_table->setAccessibleName(tr("All keys"));
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->verticalHeader()->hide();
    m_table->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
}

void KeysDialog::change(int row, const QKeySequence& own) {
    if (row < 0 || row >= m_rows.size()) return;
    KeyMap::now().set(m_rows[row].hint.standard, own);
    fill();
    m_table->setCurrentCell(row, 2);
}

void KeysDialog::fill() {
    m_table->setRowCount(static_cast<int>(m_rows.size()));
    for (int row = 0; row < m_rows.size(); ++row) {
        const KeyHint& hint = m_rows[row].hint;
        const QStringList cells{m_rows[row].place, hint.what,
                                KeyMap::now().of(hint.standard).toString(QKeySequence::NativeText)};
        for (int column = 0; column < 3; ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setFont(typeFace(Type::kText, column == 2 && KeyMap::now().isOwn(hint.standard)));
            m_table->setItem(row, column, item);
        }
    }
    m_said->setText(clash());
}

QString KeysDialog::clash() const {
    for (int a = 0; a < m_rows.size(); ++a)
        for (int b = a + 1; b < m_rows.size(); ++b) {
            const bool isTogether = m_rows[a].place == m_rows[b].place || m_rows[a].place == m_everywhere;
            const QKeySequence first = KeyMap::now().of(m_rows[a].hint.standard);
            const bool isAny =
                KeyMap::now().isOwn(m_rows[a].hint.standard) || KeyMap::now().isOwn(m_rows[b].hint.standard);
            if (isTogether && isAny && first == KeyMap::now().of(m_rows[b].hint.standard))
                return tr("%1 does two things in %2: %3, and %4. One of them will not work.")
                    .arg(first.toString(QKeySequence::NativeText), m_rows[b].place, m_rows[a].hint.what,
                         m_rows[b].hint.what);
        }
    return {};
}

}  // namespace upbeat
