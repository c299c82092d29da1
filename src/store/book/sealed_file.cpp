#include "store/book/sealed_file.hpp"

#include "store/book/place.hpp"

#include <QFile>
#include <QtEndian>
#include <array>
#include <sodium.h>
#include <utility>

namespace fusain::store {
namespace {

constexpr std::string_view mark = "fusain-sealed 1\n";
constexpr std::size_t piece = 64 * 1024;
constexpr std::uint64_t mostMemory = 4ULL * 1024 * 1024 * 1024, mostPasses = 100;

using Salt = std::array<unsigned char, crypto_pwhash_SALTBYTES>;
using StreamHead = std::array<unsigned char, crypto_secretstream_xchacha20poly1305_HEADERBYTES>;

/// What stands before the pieces, in this order; numbers are little-endian.
struct Head {
    Salt salt{};
    quint64 passes = 0, memory = 0;
    StreamHead stream{};
};

const unsigned char* raw(const QByteArray& data) {
    return reinterpret_cast<const unsigned char*>(data.constData());
}
unsigned char* raw(QByteArray& data) {
    return reinterpret_cast<unsigned char*>(data.data());
}

tl::unexpected<Problem> notRead(const QString& path) {
    return failure({FUSAIN_TEXT("The file cannot be read."), {}}, path.toStdString(),
                   {FUSAIN_TEXT("Check that its disk is connected."), {}});
}
tl::unexpected<Problem> notWritten(const QString& path) {
    return failure({FUSAIN_TEXT("The file could not be written whole."), {}}, path.toStdString(),
                   {FUSAIN_TEXT("Make room on the disk, or choose another folder."), {}},
                   {FUSAIN_TEXT("Nothing is left of it."), {}});
}

Expected<void> keyOf(const std::string& passphrase, const Head& head, BoxKey& key) {
    return keyFrom(passphrase, head.salt, {head.passes, head.memory}, key);
}

template <class Bytes>
bool write(QFile& file, const Bytes& data) {
    return file.write(reinterpret_cast<const char*>(data.data()), qint64(data.size())) == qint64(data.size());
}
template <class Bytes>
bool read(QFile& file, Bytes& data) {
    return file.read(reinterpret_cast<char*>(data.data()), qint64(data.size())) == qint64(data.size());
}

// What the first piece vouches for: everything before the header of the stream.
QByteArray vouched(const Head& head) {
    std::array<char, 16> numbers{};
    qToLittleEndian(head.passes, numbers.data());
    qToLittleEndian(head.memory, numbers.data() + 8);
    return QByteArray(mark.data(), qsizetype(mark.size())) +
           QByteArray(reinterpret_cast<const char*>(head.salt.data()), qsizetype(head.salt.size())) +
           QByteArray(numbers.data(), qsizetype(numbers.size()));
}

bool writeHead(QFile& file, const Head& head) {
    return write(file, vouched(head)) && write(file, head.stream);
}

bool readHead(QFile& file, Head& head) {
    std::array<char, mark.size()> begins{};
    std::array<char, 16> numbers{};
    if (!read(file, begins) || std::string_view(begins.data(), begins.size()) != mark ||
        !read(file, head.salt) || !read(file, numbers) || !read(file, head.stream))
        return false;
    head.passes = qFromLittleEndian<quint64>(numbers.data());
    head.memory = qFromLittleEndian<quint64>(numbers.data() + 8);
    return head.passes >= 1 && head.passes <= mostPasses && head.memory >= crypto_pwhash_MEMLIMIT_MIN &&
           head.memory <= mostMemory;
}

/// Writes a file beside its place, which is put there when all of it is written.
class Finished {
public:
    explicit Finished(const QString& to) : to_(to), file_(to + QStringLiteral(".partial")) {}
    ~Finished() {
        if (file_.exists())
            file_.remove();
    }
    Finished(const Finished&) = delete;
    Finished& operator=(const Finished&) = delete;
    [[nodiscard]] bool open() {
        file_.remove();
        return BookPlace::makeEmpty(file_.fileName()).has_value() && file_.open(QIODevice::WriteOnly);
    }
    [[nodiscard]] QFile& file() { return file_; }
    [[nodiscard]] Expected<void> putInPlace() {
        if (!file_.flush())
            return notWritten(to_);
        file_.close();
        return store::putInPlace(file_.fileName(), to_, Over::Nothing);
    }

private:
    QString to_;
    QFile file_;
};

Expected<void> cancelledSealing() {
    return failure({FUSAIN_TEXT("Cancelled."), {}}, {}, {}, {FUSAIN_TEXT("No file was made."), {}});
}

} // namespace

bool isSealed(const QString& path) {
    QFile file(path);
    std::array<char, mark.size()> begins{};
    return file.open(QIODevice::ReadOnly) && read(file, begins) &&
           std::string_view(begins.data(), begins.size()) == mark;
}

Expected<void> sealFile(const QString& from, const QString& to, const std::string& passphrase,
                        const SealingCost& cost, Progress* progress) {
    if (passphrase.size() < leastPassphrase)
        return failure(
            {FUSAIN_TEXT("A passphrase has at least {1} characters."), {std::to_string(leastPassphrase)}});
    QFile source(from);
    if (!source.open(QIODevice::ReadOnly))
        return notRead(from);
    Finished target(to);
    if (!target.open())
        return notWritten(to);
    Head head;
    randombytes_buf(head.salt.data(), head.salt.size());
    head.passes = cost.passes;
    head.memory = cost.memory;
    BoxKey key;
    if (auto made = keyOf(passphrase, head, key); !made)
        return made;
    crypto_secretstream_xchacha20poly1305_state state;
    crypto_secretstream_xchacha20poly1305_init_push(&state, head.stream.data(), key.data());
    if (!writeHead(target.file(), head))
        return notWritten(to);
    const qint64 all = source.size();
    QByteArray beside = vouched(head); // with the first piece only
    for (bool last = false; !last; beside.clear()) {
        if (progress && progress->cancelled())
            return cancelledSealing();
        const QByteArray plain = source.read(qint64(piece));
        last = source.atEnd();
        QByteArray sealed(plain.size() + qsizetype(crypto_secretstream_xchacha20poly1305_ABYTES), '\0');
        crypto_secretstream_xchacha20poly1305_push(
            &state, raw(sealed), nullptr, raw(plain), static_cast<unsigned long long>(plain.size()),
            raw(std::as_const(beside)), static_cast<unsigned long long>(beside.size()),
            last ? crypto_secretstream_xchacha20poly1305_TAG_FINAL
                 : crypto_secretstream_xchacha20poly1305_TAG_MESSAGE);
        if (!write(target.file(), sealed))
            return notWritten(to);
        if (progress)
            progress->reached(static_cast<std::size_t>(source.pos()), static_cast<std::size_t>(all));
    }
    return target.putInPlace();
}

Expected<void> unsealFile(const QString& from, const QString& to, const std::string& passphrase,
                          Progress* progress) {
    QFile source(from);
    Head head;
    if (!source.open(QIODevice::ReadOnly) || !readHead(source, head))
        return failure({FUSAIN_TEXT("This is not a sealed file, or its beginning is damaged."), {}},
                       from.toStdString(), {FUSAIN_TEXT("Try another copy."), {}});
    BoxKey key;
    if (auto made = keyOf(passphrase, head, key); !made)
        return made;
    crypto_secretstream_xchacha20poly1305_state state;
    const bool begun =
        crypto_secretstream_xchacha20poly1305_init_pull(&state, head.stream.data(), key.data()) == 0;
    Finished target(to);
    if (!begun || !target.open())
        return notWritten(to);
    unsigned char tag = 0;
    QByteArray beside = vouched(head);
    for (; tag != crypto_secretstream_xchacha20poly1305_TAG_FINAL; beside.clear()) {
        const bool first = !beside.isEmpty();
        if (progress && progress->cancelled())
            return cancelledSealing();
        const QByteArray sealed = source.read(qint64(piece + crypto_secretstream_xchacha20poly1305_ABYTES));
        QByteArray plain(
            std::max(qsizetype(0), sealed.size() - qsizetype(crypto_secretstream_xchacha20poly1305_ABYTES)),
            '\0');
        if (sealed.size() < qsizetype(crypto_secretstream_xchacha20poly1305_ABYTES) ||
            crypto_secretstream_xchacha20poly1305_pull(
                &state, raw(plain), nullptr, &tag, raw(sealed), static_cast<unsigned long long>(sealed.size()),
                raw(std::as_const(beside)), static_cast<unsigned long long>(beside.size())) != 0)
            return first ? failure({FUSAIN_TEXT("The passphrase is not right, or the file is damaged."), {}},
                                   from.toStdString(), {FUSAIN_TEXT("Type it again. Check Caps Lock."), {}})
                         : failure({FUSAIN_TEXT("The sealed file is damaged or cut short."), {}},
                                   from.toStdString(), {FUSAIN_TEXT("Try another copy."), {}},
                                   {FUSAIN_TEXT("Nothing of it was written."), {}});
        if (!write(target.file(), plain))
            return notWritten(to);
        if (progress)
            progress->reached(static_cast<std::size_t>(source.pos()), static_cast<std::size_t>(source.size()));
    }
    if (!source.atEnd())
        return failure({FUSAIN_TEXT("The sealed file is damaged or cut short."), {}}, from.toStdString(),
                       {FUSAIN_TEXT("Try another copy."), {}}, {FUSAIN_TEXT("Nothing of it was written."), {}});
    return target.putInPlace();
}

} // namespace fusain::store
