#include "file/hash.h"
#include "file/json_text.h"
#include "ship/told_finding_detail.h"

namespace rook::ship {

namespace {

using detail::Rule;
using detail::ToldFinding;
using file::Json;

const char* levelOf(check::Severity severity) {
    return severity == check::Severity::Error   ? "error"
           : severity == check::Severity::Doubt ? "warning"
                                                : "note";
}

Json ruleJson(const Rule& rule) {
    return {{"id", rule.name},
            {"name", rule.title},
            {"shortDescription", {{"text", rule.title}}},
            {"help", {{"text", rule.help}}},
            {"defaultConfiguration", {{"level", levelOf(rule.usual)}}}};
}

/// What it is about, wherever that stands in its file; the n-th of several alike.
std::string keyOf(const ToldFinding& finding) {
    std::string key = finding.rule + "|" + finding.file + "|" + finding.entity;
    if (finding.entity.empty() && !finding.place.isEmpty())
        key += "|" + std::to_string(finding.place.x) + "," + std::to_string(finding.place.y);
    return key;
}

Json resultJson(const ToldFinding& finding, std::size_t rule, int alike) {
    Json location = {{"physicalLocation",
                      {{"artifactLocation", {{"uri", finding.file}, {"uriBaseId", "PROJECT"}}},
                       {"region", {{"startLine", finding.line}}}}}};
    if (!finding.entity.empty())
        location["logicalLocations"] = {
            {{"name", finding.entity},
             {"fullyQualifiedName", finding.level + "/" + finding.entity},
             {"kind", "object"}}};
    Json json = {{"ruleId", finding.rule},
                 {"ruleIndex", rule},
                 {"level", levelOf(finding.severity)},
                 {"message", {{"text", finding.sentence}}},
                 {"locations", {location}},
                 {"partialFingerprints",
                  {{"rookplot/v1", file::sha256(keyOf(finding) + "|" + std::to_string(alike))}}}};
    if (!finding.place.isEmpty()) {
        const PxRect& r = finding.place;
        json["properties"] = {
            {"px", {{"x", r.x}, {"y", r.y}, {"width", r.width}, {"height", r.height}}}};
    }
    return json;
}

}  // namespace

std::string sarifOf(const ProjectReport& report, const LevelLines& lines) {
    Json rules = Json::array(), results = Json::array();
    std::map<std::string, std::size_t> places;
    for (const Rule& rule : detail::rulesOf(report)) {
        places.emplace(rule.name, rules.size());
        rules.push_back(ruleJson(rule));
    }
    std::map<std::string, int> alike;
    for (const ToldFinding& finding : detail::toldFindings(report, lines))
        results.push_back(resultJson(finding, places.at(finding.rule), alike[keyOf(finding)]++));
    const Json run = {
        {"tool",
         {{"driver", {{"name", "Rook Plot"}, {"version", ROOK_VERSION}, {"rules", rules}}}}},
        {"originalUriBaseIds",
         {{"PROJECT", {{"description", {{"text", "The folder of the project"}}}}}}},
        {"columnKind", "unicodeCodePoints"},
        {"results", results}};
    return Json{{"$schema",
                 "https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/"
                 "sarif-schema-2.1.0.json"},
                {"version", "2.1.0"},
                {"runs", {run}}}
               .dump(2) +
           "\n";
}

}  // namespace rook::ship
