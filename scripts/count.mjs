// Reads a test report and prints "passed failed", then a line for each that failed, and "again NAME" for each that passed
// only the second time. `failed` prints the methods that failed instead, as the test runner takes them.
// usage: count.mjs xunit REPORT [REPORT OF A SECOND RUN] | failed REPORT | vitest REPORT | playwright REPORT
import { existsSync, readFileSync } from "node:fs";

const [kind, file, second] = process.argv.slice(2);

/** The attributes of a tag, as a report writes them. */
const attribute = (tag, name) => tag.match(new RegExp(`\\b${name}="([^"]*)"`))?.[1] ?? "";

function xunit(report) {
  const text = readFileSync(report, "utf8");
  const sum = (name) =>
    [...text.matchAll(/<assembly\s[^>]*>/g)].map(([tag]) => Number(attribute(tag, name))).reduce((a, b) => a + b, 0);
  const failed = [...text.matchAll(/<test\s[^>]*result="Fail"[^>]*>/g)].map(([tag]) => ({
    name: attribute(tag, "name"),
    method: `${attribute(tag, "type")}.${attribute(tag, "method")}`,
  }));
  return { passed: sum("passed"), bad: sum("failed") + sum("errors"), failed };
}

function playwright(report) {
  const { stats, errors, suites } = JSON.parse(readFileSync(report, "utf8"));
  const specs = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specs)];
  const named = (status) =>
    suites
      .flatMap(specs)
      .filter((spec) => spec.tests.some((test) => test.status === status))
      .map((spec) => `${spec.file}: ${spec.title}`);
  return {
    passed: stats.expected + stats.flaky,
    bad: stats.unexpected + errors.length,
    failed: named("unexpected"),
    again: named("flaky"),
  };
}

function print({ passed, bad, failed, again = [] }) {
  console.log([`${passed} ${bad}`, ...failed, ...again.map((name) => `again ${name}`)].join("\n"));
}

if (kind === "failed") {
  console.log([...new Set(xunit(file).failed.map((test) => test.method))].join("\n"));
} else if (kind === "xunit") {
  const first = xunit(file);
  const still = second && existsSync(second) ? xunit(second).failed.map((test) => test.name) : undefined;
  const again = still ? first.failed.map((test) => test.name).filter((name) => !still.includes(name)) : [];
  print({
    passed: first.passed + again.length,
    bad: first.bad - again.length,
    failed: first.failed.map((test) => test.name).filter((name) => !again.includes(name)),
    again,
  });
} else if (kind === "vitest") {
  const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = JSON.parse(readFileSync(file, "utf8"));
  print({
    passed: numPassedTests,
    bad: numFailedTests || numFailedTestSuites,
    failed: testResults
      .flatMap((suite) => suite.assertionResults)
      .filter((test) => test.status === "failed")
      .map((test) => test.fullName),
  });
} else {
  print(playwright(file));
}
