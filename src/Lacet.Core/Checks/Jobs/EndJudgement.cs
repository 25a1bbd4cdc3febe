using Lacet.Core.Checks.End;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// One end in its job: what the crafts planned for it, and what all checks of an end found, whatever each is about.
/// </summary>
internal sealed record EndJudgement(EndPlan? Plan, IReadOnlyList<(CheckScope Scope, Finding Finding)> Found);
