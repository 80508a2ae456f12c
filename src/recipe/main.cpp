/// rookplot-recipe: runs one call of one recipe. Reads JSON on standard input: `script` (text),
/// `name` (of the script), `call` ("level" or "game"), `of` (what the call is about), `data`.
/// Writes for each file its path, a line break, its bytes' number, a line break, and the bytes.
/// Exit codes: 0 done, 1 the script is wrong (one line on standard error), 3 the script does not
/// have such a function.

#include <sys/resource.h>
#include <sys/time.h>
#include <unistd.h>

#include <algorithm>
#include <csignal>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <iostream>
#include <iterator>

#include "recipe/rook_table.h"

namespace {

using namespace rook;
using file::Json;

constexpr std::size_t maxBytes = 256u << 20;
constexpr int instructionsAStep = 10000;
constexpr long mostSteps = 100'000'000 / instructionsAStep;
constexpr long tenthsOfACall = 15;  // of a second, that one library call may take

std::string about;  // "recipes/rows.lua, level intake: "

/// Ends the process: no script can catch that.
[[noreturn]] void endFor(const char* what) {
    // Also from a signal: nothing but write.
    (void)!::write(STDERR_FILENO, about.data(), about.size());
    (void)!::write(STDERR_FILENO, what, std::strlen(what));
    (void)!::write(STDERR_FILENO, "\n", 1);
    ::_exit(1);
}

std::size_t held = 0;

void* allocate(void*, void* former, std::size_t formerSize, std::size_t size) {
    if (!former) formerSize = 0;  // it tells the type then
    if (size == 0) {
        held -= formerSize;
        std::free(former);
        return nullptr;
    }
    if (size > formerSize && held + (size - formerSize) > maxBytes)
        endFor("The script takes more than 256 MiB");
    void* memory = std::realloc(former, size);
    if (!memory) endFor("The script takes more memory than there is");
    held += size - formerSize;
    return memory;
}

volatile long steps = 0;
volatile long stepsSeen = -1;
volatile long tenths = 0;

void countStep(lua_State*, lua_Debug*) {
    steps = steps + 1;
    if (steps > mostSteps) endFor("The script takes more than 100,000,000 instructions");
}

/// Ten times a second: a library call that takes long runs no instruction meanwhile.
void lookAtSteps(int) {
    tenths = steps == stepsSeen ? tenths + 1 : 0;
    stepsSeen = steps;
    if (tenths > tenthsOfACall)
        endFor("One call of the library, such as string.find, takes longer than 1.5 s");
}

void limitProcess() {
#ifndef __SANITIZE_ADDRESS__  // which reserves terabytes that it never touches
    const rlimit memory{1u << 30, 1u << 30};
    ::setrlimit(RLIMIT_AS, &memory);
#endif
    const rlimit none{0, 0};
    ::setrlimit(RLIMIT_FSIZE, &none);
    ::setrlimit(RLIMIT_CORE, &none);
    const rlimit processor{20, 20};
    ::setrlimit(RLIMIT_CPU, &processor);
}

void watch(lua_State* lua) {
    lua_sethook(lua, countStep, LUA_MASKCOUNT, instructionsAStep);
    std::signal(SIGALRM, lookAtSteps);
    const itimerval tenth{{0, 100000}, {0, 100000}};
    ::setitimer(ITIMER_REAL, &tenth, nullptr);
}

lua_State* openLua() {
    lua_State* lua = lua_newstate(allocate, nullptr);
    if (!lua) endFor("Lua cannot be started");
    const std::pair<const char*, lua_CFunction> libraries[] = {{LUA_GNAME, luaopen_base},
                                                               {LUA_STRLIBNAME, luaopen_string},
                                                               {LUA_TABLIBNAME, luaopen_table},
                                                               {LUA_MATHLIBNAME, luaopen_math},
                                                               {LUA_UTF8LIBNAME, luaopen_utf8}};
    for (const auto& [name, open] : libraries) {
        luaL_requiref(lua, name, open, 1);
        lua_pop(lua, 1);
    }
    recipe::openValues(lua);
    recipe::openRookTable(lua);
    if (luaL_dostring(lua, recipe::prelude) != LUA_OK) endFor(lua_tostring(lua, -1));
    return lua;
}

std::string problemOf(lua_State* lua) {
    const char* text = lua_tostring(lua, -1);
    std::string line = text ? text : "The script raised something that is no text";
    std::replace(line.begin(), line.end(), '\n', ' ');
    return line;
}

/// Writes what the function returned. Gives what is wrong with it, or nothing.
std::string writeFiles(lua_State* lua) {
    if (lua_isnil(lua, -1)) return {};
    if (!lua_istable(lua, -1)) return "The function returns no table of files";
    std::vector<std::pair<std::string, std::string>> files;
    for (lua_pushnil(lua); lua_next(lua, -2) != 0; lua_pop(lua, 1)) {
        if (lua_type(lua, -2) != LUA_TSTRING || lua_type(lua, -1) != LUA_TSTRING)
            return "The table of files has something else than { path = text }";
        std::size_t pathSize = 0, size = 0;
        const char* path = lua_tolstring(lua, -2, &pathSize);
        const char* bytes = lua_tolstring(lua, -1, &size);
        files.emplace_back(std::string(path, pathSize), std::string(bytes, size));
        if (files.back().first.find('\n') != std::string::npos) return "A path has a line break";
    }
    std::sort(files.begin(), files.end());
    for (const auto& [path, bytes] : files)
        std::cout << path << '\n' << bytes.size() << '\n' << bytes;
    std::cout.flush();
    return {};
}

int runCall(const Json& call) {
    const std::string name = call.value("name", "recipe.lua");
    const std::string script = call.value("script", "");
    const std::string function = call.value("call", "level");
    about = call.value("of", name + ": ");
    lua_State* lua = openLua();
    watch(lua);
    // "t": no bytecode.
    if (luaL_loadbufferx(lua, script.data(), script.size(), ("@" + name).c_str(), "t") != LUA_OK ||
        lua_pcall(lua, 0, 0, 0) != LUA_OK)
        endFor(problemOf(lua).c_str());
    if (lua_getglobal(lua, function.c_str()) != LUA_TFUNCTION) return 3;
    recipe::pushValue(lua, call.at("data"));
    if (lua_pcall(lua, 1, 1, 0) != LUA_OK) endFor(problemOf(lua).c_str());
    const std::string problem = writeFiles(lua);
    if (!problem.empty()) endFor(problem.c_str());
    return 0;
}

}  // namespace

const char* const helpText =
    "rookplot-recipe runs one call of one recipe, with limits of time and memory. Rook Plot calls "
    "it.\n"
    "It reads one JSON object on standard input: script, name, call (level or game), of, data; "
    "and\n"
    "writes each file as its path, its number of bytes, and its bytes. Exit codes: 0 done, 1 the\n"
    "script is wrong, told in a line, 3 the script has no such function.\n"
    "Usage: rookplot-recipe [OPTIONS]\n\n"
    "Options:\n"
    "  -h, --help      Print this help and exit\n"
    "  --version       Print the version and exit\n";

int main(int argc, char** argv) {
    if (argc > 1) {
        const std::string word = argv[1];
        const bool isHelp = word == "-h" || word == "--help";
        if (isHelp) return std::fputs(helpText, stdout) < 0 ? 1 : 0;
        if (word == "--version") return std::puts("Rook Plot " ROOK_VERSION) < 0 ? 1 : 0;
        std::fputs("rookplot-recipe: It takes no word but --help and --version.\n", stderr);
        return 2;
    }
    limitProcess();
    try {
        std::string input(std::istreambuf_iterator<char>(std::cin), {});
        const Json call = Json::parse(input, nullptr, false);
        if (!call.is_object() || !call.contains("data")) endFor("This is no call of a recipe");
        input = {};
        const int code = runCall(call);
        std::fflush(stdout);
        ::_exit(code);
    } catch (const std::bad_alloc&) {
        endFor("The level is too large for a recipe");
    } catch (const std::exception& problem) {
        endFor(problem.what());
    }
}
