#pragma once

#include <filesystem>
#include <memory>
#include <string>

#include "upbeat/units/error.h"

namespace upbeat {

/// The folder that holds everything of one player, and every path in it. Whoever opens it first may write until the
/// object is gone, even by a crash; who comes later may only read.
class DataFolder {
  public:
    enum class Access {
        Writing,
        TakenByAnother,  ///< Another program writes here: reading only.
        ReadOnly,        ///< The folder may not be written: reading only.
    };

    /// Makes the folder where there is none. An error when it can be neither written nor read.
    [[nodiscard]] static Result<DataFolder> open(std::filesystem::path root);

    /// One that is there, only to be read: others may write meanwhile. An error where it holds no logbook,
    /// or one of an older program.
    [[nodiscard]] static Result<DataFolder> openToRead(std::filesystem::path root);

    [[nodiscard]] Access access() const { return m_access; }
    [[nodiscard]] bool mayWrite() const { return m_access == Access::Writing; }
    [[nodiscard]] const std::filesystem::path& root() const { return m_root; }
    [[nodiscard]] std::filesystem::path logbook() const { return m_root / "logbook.db"; }
    [[nodiscard]] std::filesystem::path takes() const { return m_root / "takes"; }
    [[nodiscard]] std::filesystem::path exercises() const { return m_root / "exercises"; }
    /// What one input was taught; `input` is its id and may hold any characters.
    [[nodiscard]] std::filesystem::path kitOf(const std::string& input) const;

  private:
    struct Lock;
    DataFolder(std::filesystem::path root, Access access, std::shared_ptr<Lock> lock)
        : m_root(std::move(root)), m_access(access), m_lock(std::move(lock)) {}

    std::filesystem::path m_root;
    Access m_access;
    std::shared_ptr<Lock> m_lock;  // held by all copies
};

}  // namespace upbeat
