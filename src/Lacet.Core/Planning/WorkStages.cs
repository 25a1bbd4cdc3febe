using Lacet.Core.Jobs;
using Lacet.Core.Recipes;

namespace Lacet.Core.Planning;

/// <summary>A recipe cut into what is done with one tool in the hand.</summary>
internal static class WorkStages
{
    internal static IReadOnlyList<WorkStage> BeforeLanding { get; } =
    [.. Enum.GetValues<WorkStage>().Where(s => s < WorkStage.Land)];

    /// <summary>The tasks of an end, in the recipe’s order; proving dead is of the enclosure, and none of them.</summary>
    internal static IEnumerable<WorkTask> Of(EndOfWire end, Guid landing, Recipe recipe)
    {
        var stage = WorkStage.SlideOn;
        return recipe
            .Steps.Where(s => !string.Equals(s.Id, CommonLines.ProveDeadStep, StringComparison.Ordinal))
            .Select(step => (Stage: stage = Next(stage, step.Operation), Step: step))
            .GroupBy(s => s.Stage)
            .Select(steps => new WorkTask(
                end,
                landing,
                steps.Key,
                steps.First().Step.Operation,
                [.. steps.Select(s => s.Step)],
                [.. Settings(steps.Key, end, recipe)]
            ));
    }

    /// <summary>A look on the way belongs to what it looks at; nothing goes back.</summary>
    private static WorkStage Next(WorkStage before, Operation operation)
    {
        var own = operation switch
        {
            Operation.Strip => WorkStage.Strip,
            Operation.Prepare => before switch
            {
                WorkStage.SlideOn => WorkStage.SlideOn,
                >= WorkStage.Crimp => WorkStage.AfterCrimp,
                _ => WorkStage.Prepare,
            },
            Operation.Crimp => WorkStage.Crimp,
            Operation.Land => WorkStage.Land,
            Operation.Tighten => WorkStage.Tighten,
            _ => before,
        };
        return own < before ? before : own;
    }

    private static IEnumerable<ToolSetting> Settings(WorkStage stage, EndOfWire end, Recipe recipe)
    {
        switch (stage)
        {
            case WorkStage.Strip when recipe.Strip is { } strip:
                yield return new(WorkTool.Stripper, $"{end.Wire.Conductor!.Size} {end.Wire.Conductor.Make}");
                yield return new(WorkTool.LengthStop, $"{strip.Target:mm}");
                break;
            case WorkStage.Crimp:
                yield return new(WorkTool.Crimp, recipe.Preparation.Headline);
                break;
            case WorkStage.Tighten when recipe.Torque is { } torque:
                yield return new(WorkTool.Driver, $"{torque.Window.Target}");
                break;
        }
    }
}
