#include "ship/report_parts.h"

#include <algorithm>
#include <array>
#include <map>
#include <numeric>
#include <set>

#include "file/json_text.h"

namespace rook::ship {

namespace {

using check::Finding;
using file::Json;

constexpr const char* partFormat = "rookplot-report-part";
constexpr int partVersion = 1;

Json wholeJson(const Finding& finding) {
    Json json{
        {"kind", check::nameOf(finding.kind)},
        {"severity", check::nameOf(finding.severity)},
        {"level", finding.level.text},
        {"sentence", finding.sentence},
        {"entity", finding.entity.text},
        {"place", {finding.place.x, finding.place.y, finding.place.width, finding.place.height}},
        {"fix", finding.fix},
        {"picture", finding.picture},
        {"pieces", finding.pieces},
        {"storey", finding.storey}};
    if (finding.parallax)
        json["parallax"] = {finding.parallax->first.thousandths,
                            finding.parallax->second.thousandths};
    return json;
}

/// By its name; none if there is none of it.
template <typename E>
std::optional<E> named(const std::string& name, std::size_t count) {
    for (std::size_t i = 0; i < count; ++i)
        if (check::nameOf(static_cast<E>(i)) == name) return static_cast<E>(i);
    return std::nullopt;
}

check::Severity severityNamed(const std::string& name) {
    const auto severity = named<check::Severity>(name, 3);
    if (!severity) throw std::invalid_argument("severity");
    return *severity;
}

/// Throws what the JSON library throws, or an invalid argument, if it is none.
Finding findingOf(const Json& json) {
    Finding finding;
    const auto kind =
        named<check::FindingKind>(json.at("kind").get<std::string>(), check::findingKindCount);
    if (!kind) throw std::invalid_argument("kind");
    finding.kind = *kind;
    finding.severity = severityNamed(json.at("severity").get<std::string>());
    finding.level.text = json.at("level").get<std::string>();
    finding.sentence = json.at("sentence").get<std::string>();
    finding.entity.text = json.at("entity").get<std::string>();
    const auto place = json.at("place").get<std::array<int, 4>>();
    finding.place = {place[0], place[1], place[2], place[3]};
    finding.fix = json.at("fix").get<std::string>();
    finding.picture = json.at("picture").get<int>();
    finding.pieces = json.at("pieces").get<std::vector<int>>();
    finding.storey = json.at("storey").get<int>();
    if (json.contains("parallax")) {
        const auto both = json.at("parallax").get<std::array<std::int64_t, 2>>();
        finding.parallax = {level::Decimal{both[0]}, level::Decimal{both[1]}};
    }
    return finding;
}

std::vector<Finding> findingsOf(const Json& list) {
    std::vector<Finding> findings;
    for (const Json& each : list)
        findings.push_back(findingOf(each));
    return findings;
}

Json listJson(const std::vector<Finding>& findings) {
    Json list = Json::array();
    for (const Finding& finding : findings)
        list.push_back(wholeJson(finding));
    return list;
}

Error notAPart(const std::string& name, const char* what) {
    return {ErrorKind::WrongType, std::string("This is no part of a report: ") + what, name,
            "Write it with rookplot check --shard I/N"};
}

struct ReportPart {
    Shard shard;
    ProjectReport report;
};

Result<ReportPart> readPart(const std::string& text, const std::string& name) {
    const auto json = file::parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        if (json->at("format") != partFormat) return fail(notAPart(name, "its format is another"));
        if (json->at("version") != partVersion)
            return fail(notAPart(name, "it is of another version of Rook Plot"));
        ReportPart part;
        part.shard = {json->at("shard").get<int>(), json->at("of").get<int>()};
        for (const Json& each : json->at("project"))
            part.report.ofProject.push_back(
                {each.at("name").get<std::string>(), severityNamed(each.at("severity")),
                 each.at("sentence").get<std::string>(), each.at("where").get<std::string>()});
        for (const Json& each : json->at("levels")) {
            const auto cell = each.at("cell").get<std::array<int, 2>>();
            part.report.ofLevels.push_back({{each.at("id").get<std::string>()},
                                            {cell[0], cell[1]},
                                            findingsOf(each.at("findings"))});
        }
        return part;
    } catch (const std::exception&) {
        return fail(notAPart(name, "a key is missing or of another type"));
    }
}

}  // namespace

std::string findingsText(const std::vector<Finding>& findings) {
    return listJson(findings).dump();
}

Result<std::vector<Finding>> readFindings(const std::string& text, const std::string& name) {
    const auto json = file::parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        return findingsOf(*json);
    } catch (const std::exception&) {
        return fail(notAPart(name, "a finding cannot be read"));
    }
}

std::vector<LevelId> levelsOfShard(const level::Project& project, const Shard& shard) {
    std::vector<std::size_t> order(project.levels.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    const auto cost = [&](std::size_t i) {
        const level::Level& level = *project.levels[i];
        return std::int64_t(level.cells.width()) * level.cells.height() + 200;
    };
    std::stable_sort(order.begin(), order.end(),
                     [&](std::size_t a, std::size_t b) { return cost(a) > cost(b); });
    std::vector<std::int64_t> loads(std::size_t(shard.count), 0);
    std::vector<std::size_t> mine;
    for (const std::size_t place : order) {
        const auto least = std::min_element(loads.begin(), loads.end());
        *least += cost(place);
        if (least - loads.begin() + 1 == shard.index) mine.push_back(place);
    }
    std::sort(mine.begin(), mine.end());
    std::vector<LevelId> ids;
    for (const std::size_t place : mine)
        ids.push_back(project.levels[place]->id);
    return ids;
}

std::string partText(const ProjectReport& report, const Shard& shard) {
    Json ofProject = Json::array(), levels = Json::array();
    for (const check::ProjectFinding& finding : report.ofProject)
        ofProject.push_back({{"name", finding.name},
                             {"severity", check::nameOf(finding.severity)},
                             {"sentence", finding.sentence},
                             {"where", finding.where}});
    for (const LevelReport& level : report.ofLevels)
        levels.push_back({{"id", level.id.text},
                          {"cell", {level.cell.width, level.cell.height}},
                          {"findings", listJson(level.findings)}});
    return Json{{"format", partFormat}, {"version", partVersion}, {"shard", shard.index},
                {"of", shard.count},    {"project", ofProject},   {"levels", levels}}
               .dump(1) +
           "\n";
}

Result<ProjectReport> joinParts(const level::Project& project,
                                const std::vector<std::string>& texts,
                                const std::vector<std::string>& names) {
    ProjectReport whole;
    std::set<int> shards;
    std::map<std::string, LevelReport> levels;
    int count = 0;
    for (std::size_t i = 0; i < texts.size(); ++i) {
        auto part = readPart(texts[i], names[i]);
        if (!part) return fail(part.error());
        if (count == 0) count = part->shard.count;
        if (part->shard.count != count || !shards.insert(part->shard.index).second)
            return fail(ErrorKind::BadReference, "These are not the parts of one run", names[i],
                        "Give each of the parts that were written with the same N, once");
        // What belongs to no level is told by the first.
        if (part->shard.index == 1) whole.ofProject = std::move(part->report.ofProject);
        for (LevelReport& level : part->report.ofLevels)
            levels.insert_or_assign(level.id.text, std::move(level));
    }
    if (int(shards.size()) != count)
        return fail(ErrorKind::BadReference,
                    "There are " + std::to_string(shards.size()) + " of " + std::to_string(count) +
                        " parts",
                    {}, "Give all of them");
    for (const auto& level : project.levels) {
        const auto found = levels.find(level->id.text);
        if (found == levels.end())
            return fail(ErrorKind::BadReference,
                        "The level \"" + level->id.text + "\" is in no part", {},
                        "Check the same state of the project in each of them");
        whole.ofLevels.push_back(std::move(found->second));
    }
    return whole;
}

}  // namespace rook::ship
