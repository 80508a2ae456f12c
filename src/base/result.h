#pragma once
/// A value or an `Error`, for every border that can fail: files, user input, imports.
///
/// `Error::kind` is for code and tests; the other three are words for people: what happened, where
/// (file, line, key or cell), and what to do. This header alone names the packaged expected type.

#include <string>
#include <tl/expected.hpp>
#include <utility>

namespace rook {

enum class ErrorKind {
    BadSyntax,      ///< A file that is no JSON, no PNG, no number.
    BadVersion,     ///< A format or version that this program does not know.
    OutOfRange,     ///< A number outside its range, or a size over a limit.
    Missing,        ///< A file or a key that should be there and is not.
    BadReference,   ///< A name or id that nothing answers to.
    UnsafePath,     ///< A path that leaves the folder it belongs to.
    NotPermitted,   ///< The system refuses to read or write.
    WriteFailed,    ///< Disk full, or another failure while writing.
    WrongType,      ///< A value of another type than the key wants.
    NotApplicable,  ///< The request makes no sense here.
};

struct Error {
    ErrorKind kind = ErrorKind::NotApplicable;
    std::string what;
    std::string where;
    std::string remedy;

    /// One line: "what (where). remedy". Parts that are empty are left out.
    [[nodiscard]] std::string sentence() const;
    bool operator==(const Error&) const = default;
};

template <typename T>
using Result = tl::expected<T, Error>;

/// An error, ready to be returned from a function that gives a `Result`.
[[nodiscard]] inline tl::unexpected<Error> fail(ErrorKind kind, std::string what,
                                                std::string where = {}, std::string remedy = {}) {
    return tl::unexpected<Error>(Error{kind, std::move(what), std::move(where), std::move(remedy)});
}

[[nodiscard]] inline tl::unexpected<Error> fail(Error error) {
    return tl::unexpected<Error>(std::move(error));
}

}  // namespace rook
