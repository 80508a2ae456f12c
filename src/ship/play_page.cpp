#include <algorithm>
#include <map>

#include "file/json_text.h"
#include "ship/making_detail.h"
#include "ship/markup.h"
#include "ship/page_sources.h"

namespace rook::ship::detail {

namespace {

/// A module without what it takes from others and gives to them: all stand in one script.
std::string plainScript(std::string_view module) {
    std::string script;
    bool isImport = false;
    for (std::size_t from = 0; from < module.size();) {
        const std::size_t end = std::min(module.find('\n', from), module.size());
        std::string_view line = module.substr(from, end - from);
        from = end + 1;
        isImport = isImport || line.starts_with("import ");
        if (isImport) {
            isImport = !line.ends_with(";");
            continue;
        }
        if (line.starts_with("export ")) line.remove_prefix(std::string_view("export ").size());
        script.append(line);
        script += '\n';
    }
    return script;
}

/// The files of the game in JSON by their paths. No "<" is left, which could end the element that
/// it stands in: it is in texts only.
std::string gameText(const Files& files) {
    std::string text;
    for (const auto& [path, bytes] : files) {
        if (!path.ends_with(".json") || path.starts_with("schema/")) continue;
        text += (text.empty() ? "{" : ",\n") + file::compactText(path) + ":";
        for (const char c : bytes)
            if (c == '<')
                text += "\\u003c";
            else
                text += c;
    }
    return text + "}";
}

/// The page with what stands for its parts replaced. What is put in is not looked at again.
std::string filledIn(std::string_view page, const std::map<std::string_view, std::string>& parts) {
    std::string made;
    for (std::size_t from = 0; from < page.size();) {
        const std::size_t open = page.find("{{", from);
        if (open == page.npos) return made.append(page.substr(from));
        const std::size_t close = page.find("}}", open);
        made.append(page.substr(from, open - from));
        made.append(parts.at(page.substr(open + 2, close - open - 2)));
        from = close + 2;
    }
    return made;
}

}  // namespace

/// A bundle, and a page beside it that plays it. The page holds the levels, as browsers read no
/// files beside one that was opened from a folder; pictures it shows as they lie there.
Result<Made> makePlayPage(const Making& making) {
    auto made = makeBundle(making);
    if (!made) return made;
    std::map<std::string_view, std::string> parts{{"title", escaped(making.project.name)},
                                                  {"game", gameText(made->files)}};
    std::string_view page;
    for (const PageSource& source : pageSources()) {
        if (source.name == "page/page.html")
            page = source.text;
        else if (source.name == "page/page.css")
            parts["style"] = source.text;
        else
            parts["script"] += plainScript(source.text);
    }
    made->files["index.html"] = filledIn(page, parts);
    return made;
}

}  // namespace rook::ship::detail
