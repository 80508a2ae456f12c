#include <algorithm>

#include "ship/markup.h"
#include "ship/told_finding_detail.h"

namespace rook::ship {

namespace {

using detail::escaped;
using detail::Rule;
using detail::ToldFinding;

struct Case {
    const Rule* rule;
    std::vector<const ToldFinding*> failures;
    std::vector<const ToldFinding*> notes;
};

std::string toldLine(const ToldFinding& finding) {
    return escaped(finding.file + ":" + std::to_string(finding.line) + ": " + finding.sentence +
                   "\n");
}

std::string caseXml(const std::string& suite, const Case& each) {
    std::string xml = "    <testcase classname=\"" + escaped(suite) + "\" name=\"" +
                      escaped(each.rule->name) + "\"";
    if (each.failures.empty() && each.notes.empty()) return xml + "/>\n";
    xml += ">\n";
    if (!each.failures.empty()) {
        xml += "      <failure type=\"" +
               escaped(std::string(check::nameOf(each.failures[0]->severity))) + "\" message=\"" +
               escaped(each.failures[0]->sentence) + "\">";
        for (const ToldFinding* finding : each.failures)
            xml += toldLine(*finding);
        xml += "</failure>\n";
    }
    if (!each.notes.empty()) {
        xml += "      <system-out>";
        for (const ToldFinding* finding : each.notes)
            xml += toldLine(*finding);
        xml += "</system-out>\n";
    }
    return xml + "    </testcase>\n";
}

/// `level` is empty for what belongs to none; of the table's rules, those are none of its own.
std::string suiteXml(const std::string& name, const std::string& level,
                     const std::vector<Rule>& rules, const std::vector<ToldFinding>& findings,
                     std::size_t& failures, std::size_t& tests) {
    std::string cases;
    std::size_t failed = 0, count = 0;
    for (const Rule& rule : rules) {
        Case each{&rule, {}, {}};
        for (const ToldFinding& finding : findings) {
            if (finding.rule != rule.name || finding.level != level) continue;
            (finding.severity == check::Severity::Note ? each.notes : each.failures)
                .push_back(&finding);
        }
        cases += caseXml(name, each);
        failed += each.failures.empty() ? 0 : 1;
        ++count;
    }
    failures += failed;
    tests += count;
    return "  <testsuite name=\"" + escaped(name) + "\" tests=\"" + std::to_string(count) +
           "\" failures=\"" + std::to_string(failed) + "\" errors=\"0\" skipped=\"0\">\n" + cases +
           "  </testsuite>\n";
}

}  // namespace

std::string junitOf(const ProjectReport& report, const LevelLines& lines) {
    const auto findings = detail::toldFindings(report, lines);
    const std::vector<Rule> all = detail::rulesOf(report);
    std::vector<Rule> ofLevels, ofProject;
    for (const Rule& rule : all) {
        const bool isOfProject =
            std::any_of(report.ofProject.begin(), report.ofProject.end(),
                        [&](const auto& finding) { return finding.name == rule.name; });
        (isOfProject ? ofProject : ofLevels).push_back(rule);
    }
    std::size_t failures = 0, tests = 0;
    std::string suites;
    if (!ofProject.empty()) suites += suiteXml("project", {}, ofProject, findings, failures, tests);
    for (const LevelReport& level : report.ofLevels)
        suites += suiteXml(level.id.text, level.id.text, ofLevels, findings, failures, tests);
    return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<testsuites name=\"Rook Plot\" tests=\"" +
           std::to_string(tests) + "\" failures=\"" + std::to_string(failures) +
           "\" errors=\"0\">\n" + suites + "</testsuites>\n";
}

}  // namespace rook::ship
