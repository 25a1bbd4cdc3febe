// Reads a test report and prints "passed failed".
import { readFileSync } from "node:fs";

const [kind, file] = process.argv.slice(2);
const text = readFileSync(file, "utf8");

if (kind === "xunit") {
  const sum = (name) =>
    [...text.matchAll(/<assembly\s[^>]*>/g)]
      .map(([tag]) => Number(tag.match(new RegExp(`\\b${name}="(\\d+)"`))?.[1] ?? 0))
      .reduce((a, b) => a + b, 0);
  console.log(sum("passed"), sum("failed") + sum("errors"));
} else if (kind === "vitest") {
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(text);
  console.log(numPassedTests, numFailedTests || numFailedTestSuites);
} else {
  const { stats, errors } = JSON.parse(text);
  console.log(stats.expected, stats.unexpected + stats.flaky + errors.length);
}
