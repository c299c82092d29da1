#pragma once
#include <QByteArray>
#include <QMap>
#include <QString>
#include <cstring>
#include <functional>
#include <random>
#include <sqlite3.h>
#include <vector>

namespace fusain::testing {

/// The file system under SQLite while this object lives: passes everything on, remembers every write,
/// truncation and sync in order, and can let one of them fail. From what it remembers it makes the files as a
/// power cut would have left them: what was synced is there, of the rest any part in any order, the last of it
/// torn.
class RecordingFiles {
public:
    enum class What { Write, Truncate, Sync, Delete };
    struct Operation {
        What what;
        QString path;
        sqlite3_int64 offset = 0; ///< of a write; size of a truncation
        QByteArray data = {};
    };

    RecordingFiles() {
        current() = this;
        below_ = sqlite3_vfs_find(nullptr);
        vfs_ = *below_;
        vfs_.zName = "recording";
        vfs_.szOsFile = static_cast<int>(sizeof(File)) + below_->szOsFile;
        vfs_.xOpen = open;
        vfs_.xDelete = [](sqlite3_vfs*, const char* path, int sync) {
            if (!current()->stopped_)
                current()->operations_.push_back({What::Delete, QString::fromUtf8(path)});
            return current()->below_->xDelete(current()->below_, path, sync);
        };
        sqlite3_vfs_register(&vfs_, 1);
    }
    ~RecordingFiles() {
        sqlite3_vfs_unregister(&vfs_);
        sqlite3_vfs_register(below_, 1);
        current() = nullptr;
    }
    RecordingFiles(const RecordingFiles&) = delete;
    RecordingFiles& operator=(const RecordingFiles&) = delete;

    [[nodiscard]] const std::vector<Operation>& operations() const { return operations_; }
    /// Remembers nothing more.
    void stop() { stopped_ = true; }
    /// Lets the n-th write, truncation or sync from now on fail, once. @param code of SQLite
    void failAfter(int calls, int code) {
        left_ = calls;
        code_ = code;
    }
    /// The contents of each file after a power cut before operation `cut`. @param before what was on disk when
    /// the recording began
    [[nodiscard]] QMap<QString, QByteArray> cutAt(std::size_t cut, const QMap<QString, QByteArray>& before,
                                                  std::mt19937& random) const {
        QMap<QString, QByteArray> files = before;
        for (const QString& path : paths()) {
            std::vector<const Operation*> done;
            std::size_t synced = 0;
            for (std::size_t i = 0; i < cut; ++i)
                if (operations_[i].path == path) {
                    if (operations_[i].what == What::Sync)
                        synced = done.size();
                    else
                        done.push_back(&operations_[i]);
                }
            for (std::size_t i = 0; i < synced; ++i)
                apply(files, *done[i], done[i]->data.size());
            std::vector<const Operation*> pending(done.begin() + static_cast<std::ptrdiff_t>(synced),
                                                  done.end());
            std::shuffle(pending.begin(), pending.end(), random);
            pending.resize(pending.empty() ? 0 : random() % (pending.size() + 1));
            for (const Operation* each : pending) {
                constexpr qsizetype sector = 512;
                const bool torn = each == pending.back() && each->data.size() > sector;
                apply(files, *each,
                      torn ? sector * static_cast<qsizetype>(random() %
                                                             static_cast<unsigned>(each->data.size() / sector))
                           : each->data.size());
            }
        }
        return files;
    }

private:
    struct File {
        sqlite3_file base;
        RecordingFiles* owner;
        char path[512];
        [[nodiscard]] sqlite3_file* real() { return reinterpret_cast<sqlite3_file*>(this + 1); }
    };
    static RecordingFiles*& current() {
        static RecordingFiles* one = nullptr;
        return one;
    }
    static File* of(sqlite3_file* file) { return reinterpret_cast<File*>(file); }

    [[nodiscard]] QStringList paths() const {
        QStringList all;
        for (const Operation& each : operations_)
            if (!all.contains(each.path))
                all << each.path;
        return all;
    }
    static void apply(QMap<QString, QByteArray>& files, const Operation& operation, qsizetype bytes) {
        if (operation.what == What::Delete) {
            files.remove(operation.path);
            return;
        }
        QByteArray& file = files[operation.path];
        if (operation.what == What::Truncate) {
            file.resize(operation.offset);
            return;
        }
        if (file.size() < operation.offset + bytes)
            file.append(QByteArray(operation.offset + bytes - file.size(), '\0'));
        std::memcpy(file.data() + operation.offset, operation.data.constData(),
                    static_cast<std::size_t>(bytes));
    }
    /// @return the error that this call is to fail with; 0 for none
    int failing() { return left_ > 0 && --left_ == 0 ? code_ : SQLITE_OK; }

    static int open(sqlite3_vfs*, const char* path, sqlite3_file* file, int flags, int* out) {
        RecordingFiles* self = current();
        File* own = of(file);
        own->owner = self;
        qstrncpy(own->path, path ? path : "", sizeof own->path);
        const int opened = self->below_->xOpen(self->below_, path, own->real(), flags, out);
        static const sqlite3_io_methods methods = makeMethods();
        own->base.pMethods = opened == SQLITE_OK || own->real()->pMethods ? &methods : nullptr;
        return opened;
    }
    template <class Call>
    static int changing(sqlite3_file* file, Operation operation, Call call) {
        File* own = of(file);
        if (const int error = own->owner->failing())
            return error;
        if (own->path[0] && !own->owner->stopped_) {
            operation.path = QString::fromUtf8(own->path);
            own->owner->operations_.push_back(std::move(operation));
        }
        return call(own->real());
    }
    static sqlite3_io_methods makeMethods() {
        sqlite3_io_methods methods = {};
        methods.iVersion = 2;
        methods.xClose = [](sqlite3_file* f) { return of(f)->real()->pMethods->xClose(of(f)->real()); };
        methods.xRead = [](sqlite3_file* f, void* to, int amount, sqlite3_int64 offset) {
            return of(f)->real()->pMethods->xRead(of(f)->real(), to, amount, offset);
        };
        methods.xWrite = [](sqlite3_file* f, const void* from, int amount, sqlite3_int64 offset) {
            return changing(
                f, {What::Write, {}, offset, QByteArray(static_cast<const char*>(from), amount)},
                [&](sqlite3_file* real) { return real->pMethods->xWrite(real, from, amount, offset); });
        };
        methods.xTruncate = [](sqlite3_file* f, sqlite3_int64 size) {
            return changing(f, {What::Truncate, {}, size},
                            [&](sqlite3_file* real) { return real->pMethods->xTruncate(real, size); });
        };
        methods.xSync = [](sqlite3_file* f, int flags) {
            return changing(f, {What::Sync, {}},
                            [&](sqlite3_file* real) { return real->pMethods->xSync(real, flags); });
        };
        methods.xFileSize = [](sqlite3_file* f, sqlite3_int64* size) {
            return of(f)->real()->pMethods->xFileSize(of(f)->real(), size);
        };
        methods.xLock = [](sqlite3_file* f, int level) {
            return of(f)->real()->pMethods->xLock(of(f)->real(), level);
        };
        methods.xUnlock = [](sqlite3_file* f, int level) {
            return of(f)->real()->pMethods->xUnlock(of(f)->real(), level);
        };
        methods.xCheckReservedLock = [](sqlite3_file* f, int* held) {
            return of(f)->real()->pMethods->xCheckReservedLock(of(f)->real(), held);
        };
        methods.xFileControl = [](sqlite3_file* f, int what, void* with) {
            return of(f)->real()->pMethods->xFileControl(of(f)->real(), what, with);
        };
        methods.xSectorSize = [](sqlite3_file* f) {
            return of(f)->real()->pMethods->xSectorSize(of(f)->real());
        };
        methods.xDeviceCharacteristics = [](sqlite3_file* f) {
            return of(f)->real()->pMethods->xDeviceCharacteristics(of(f)->real()) &
                   ~(SQLITE_IOCAP_POWERSAFE_OVERWRITE | SQLITE_IOCAP_ATOMIC);
        };
        methods.xShmMap = [](sqlite3_file* f, int region, int size, int extend, void volatile** where) {
            return of(f)->real()->pMethods->xShmMap(of(f)->real(), region, size, extend, where);
        };
        methods.xShmLock = [](sqlite3_file* f, int offset, int count, int flags) {
            return of(f)->real()->pMethods->xShmLock(of(f)->real(), offset, count, flags);
        };
        methods.xShmBarrier = [](sqlite3_file* f) { of(f)->real()->pMethods->xShmBarrier(of(f)->real()); };
        methods.xShmUnmap = [](sqlite3_file* f, int remove) {
            return of(f)->real()->pMethods->xShmUnmap(of(f)->real(), remove);
        };
        return methods;
    }

    sqlite3_vfs* below_;
    sqlite3_vfs vfs_;
    std::vector<Operation> operations_;
    int left_ = 0, code_ = SQLITE_OK;
    bool stopped_ = false;
};

} // namespace fusain::testing
