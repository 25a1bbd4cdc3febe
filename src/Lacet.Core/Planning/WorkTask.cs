using Lacet.Core.Jobs;
using Lacet.Core.Recipes;

namespace Lacet.Core.Planning;

/// <summary>One operation at one end: what the hands do before the tool is laid down.</summary>
/// <param name="End">The end.</param>
/// <param name="LandingId">Where it lands.</param>
/// <param name="Stage">How far the end is by it.</param>
/// <param name="Operation">What is done.</param>
/// <param name="Steps">Its steps, in the recipe’s order.</param>
/// <param name="Settings">The tools that it takes, as they are set.</param>
public sealed record WorkTask(
    EndOfWire End,
    Guid LandingId,
    WorkStage Stage,
    Operation Operation,
    IReadOnlyList<Step> Steps,
    IReadOnlyList<ToolSetting> Settings
);
