#include "file/texts_po.h"

#include <algorithm>
#include <map>

namespace rook::file {

using namespace level;

namespace {

std::string quoted(const std::string& text) {
    std::string out = "\"";
    for (const char c : text) {
        if (c == '\n')
            out += "\\n";
        else if (c == '\t')
            out += "\\t";
        else if (c == '"' || c == '\\')
            out += std::string("\\") + c;
        else
            out += c;
    }
    return out + "\"";
}

/// Calls `visit(context, file, words)` for each text of the game.
template <typename Visit>
void forEachText(const Project& project, Visit&& visit) {
    for (const Words& words : project.game.texts)
        visit("game/" + words.id, std::string("rookplot.json"), words);
    for (const auto& level : project.levels)
        for (const Words& words : level->texts)
            visit(level->id.text + "/" + words.id, "levels/" + level->id.text + ".json", words);
}

struct PoEntry {
    std::string context, text, translation;
    int line = 0;
    bool isFuzzy = false;
};

/// Reads entry by entry. What is not understood is refused with its line.
class PoReader {
public:
    PoReader(const std::string& bytes, const std::string& name) : m_name(name) {
        for (std::size_t at = 0; at < bytes.size();) {
            const std::size_t end = std::min(bytes.find('\n', at), bytes.size());
            std::string line = bytes.substr(at, end - at);
            if (!line.empty() && line.back() == '\r') line.pop_back();
            m_lines.push_back(std::move(line));
            at = end + 1;
        }
    }

    Result<std::vector<PoEntry>> read() {
        std::vector<PoEntry> entries;
        PoEntry entry;
        std::string* into = nullptr;
        bool hasTranslation = false;
        const auto finish = [&] {
            if (hasTranslation) entries.push_back(entry);
            entry = {};
            hasTranslation = false;
            into = nullptr;
        };
        for (std::size_t i = 0; i < m_lines.size(); ++i) {
            const std::string& line = m_lines[i];
            const std::size_t from = line.find_first_not_of(" \t");
            if (from == std::string::npos) {
                finish();
                continue;
            }
            if (line[from] == '#') {
                if (hasTranslation) finish();
                if (line.compare(from, 2, "#,") == 0 && line.find("fuzzy") != std::string::npos)
                    entry.isFuzzy = true;
                continue;
            }
            std::size_t at = from;
            if (line[from] != '"') {
                at = line.find('"', from);
                const std::string key =
                    line.substr(from, line.find_first_of(" \t\"[", from) - from);
                if (hasTranslation && (key == "msgctxt" || key == "msgid")) finish();
                into = key == "msgctxt"                                         ? &entry.context
                       : key == "msgid"                                         ? &entry.text
                       : key == "msgstr" && line.find('[') == std::string::npos ? &entry.translation
                                                                                : nullptr;
                if (!into || at == std::string::npos)
                    return refuse(i, "msgctxt, msgid or msgstr is wanted here");
                hasTranslation = hasTranslation || into == &entry.translation;
                if (into == &entry.context || entry.line == 0) entry.line = int(i) + 1;
            }
            if (!into) return refuse(i, "A text stands here that belongs to nothing");
            if (!append(line, at, *into))
                return refuse(i, "The text is not closed, or followed by more");
        }
        finish();
        return entries;
    }

private:
    Result<std::vector<PoEntry>> refuse(std::size_t line, const char* what) const {
        return fail(ErrorKind::BadSyntax, what, m_name + ":" + std::to_string(line + 1),
                    "Mend the line, or write the file anew with rookplot texts");
    }
    /// A quoted text from there to the line's end.
    static bool append(const std::string& line, std::size_t at, std::string& to) {
        std::size_t i = at + 1;
        for (; i < line.size() && line[i] != '"'; ++i) {
            if (line[i] != '\\') {
                to += line[i];
                continue;
            }
            if (++i >= line.size()) return false;
            to += line[i] == 'n' ? '\n' : line[i] == 't' ? '\t' : line[i];
        }
        return i < line.size() && line.find_first_not_of(" \t", i + 1) == std::string::npos;
    }

    std::string m_name;
    std::vector<std::string> m_lines;
};

/// Sets or changes a translation; true if it is another one now.
bool translate(Words& words, const std::string& language, const std::string& text) {
    for (Translation& each : words.in) {
        if (each.language != language) continue;
        if (each.text == text) return false;
        each.text = text;
        return true;
    }
    words.in.push_back({language, text});
    return true;
}

}  // namespace

std::string poText(const Project& project, const std::string& language) {
    std::string text =
        "msgid \"\"\nmsgstr \"\"\n" + quoted("Project-Id-Version: " + project.name + "\n") + "\n" +
        quoted("Language: " + language + "\n") + "\n" + quoted("MIME-Version: 1.0\n") + "\n" +
        quoted("Content-Type: text/plain; charset=UTF-8\n") + "\n" +
        quoted("Content-Transfer-Encoding: 8bit\n") + "\n";
    forEachText(project, [&](const std::string& context, const std::string& file,
                             const Words& words) {
        const std::string* translation = words.textIn(language);
        text += "\n#: " + file + "\nmsgctxt " + quoted(context) + "\nmsgid " + quoted(words.text) +
                "\nmsgstr " + quoted(translation ? *translation : std::string()) + "\n";
    });
    return text;
}

Result<PoReading> readPo(const Project& project, const std::string& language,
                         const std::string& bytes, const std::string& name) {
    auto entries = PoReader(bytes, name).read();
    if (!entries) return fail(entries.error());
    PoReading reading{project, 0, {}, {}};
    std::map<std::string, std::string> now;
    forEachText(project, [&](const std::string& context, const std::string&, const Words& words) {
        now[context] = words.text;
    });
    std::map<std::string, std::string> taken;
    for (const PoEntry& entry : *entries) {
        if (entry.context.empty() || entry.translation.empty() || entry.isFuzzy) continue;
        const auto known = now.find(entry.context);
        if (known == now.end())
            reading.unknown.push_back(entry.context);
        else if (known->second != entry.text)
            reading.stale.push_back(entry.context);
        else
            taken[entry.context] = entry.translation;
    }
    const auto change = [&](const std::string& of, auto& texts) {
        bool isOther = false;
        for (Words& words : texts)
            if (const auto found = taken.find(of + "/" + words.id); found != taken.end())
                if (translate(words, language, found->second)) {
                    ++reading.taken;
                    isOther = true;
                }
        return isOther;
    };
    change("game", reading.project.game.texts);
    for (auto& shared : reading.project.levels) {
        Level level = *shared;
        bool isOther = false;
        std::vector<Words> texts = level.texts.items();
        isOther = change(level.id.text, texts);
        if (!isOther) continue;
        level.texts = std::move(texts);
        shared = std::make_shared<const Level>(std::move(level));
    }
    return reading;
}

}  // namespace rook::file
