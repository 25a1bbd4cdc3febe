using Lacet.Core.Jobs;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Web.Http;

namespace Lacet.Web.Runs;

/// <summary>In which order what is left of an enclosure is worked.</summary>
/// <param name="Tasks">What is done, first to last.</param>
/// <param name="Waiting">Ends that cannot be worked yet, and why.</param>
/// <param name="ToolChanges">How often a tool is set anew.</param>
/// <param name="PlainToolChanges">How often it would be in the order of the list.</param>
public sealed record RunDocument(
    IReadOnlyList<RunTaskDocument> Tasks,
    IReadOnlyList<WaitingEndDocument> Waiting,
    int ToolChanges,
    int PlainToolChanges
)
{
    internal static RunDocument Of(Job job, WorkOrder order, ReaderFormat reader)
    {
        var at = new Dictionary<WorkTool, ToolSetting>();
        // Once it is seated and tight, an end is recorded.
        var last = order
            .Tasks.Where(t => t.Stage >= WorkStage.Land)
            .GroupBy(t => t.End)
            .Select(tasks => tasks.Last())
            .ToHashSet(ReferenceEqualityComparer.Instance);
        return new(
            [.. order.Tasks.Select(Task)],
            [
                .. order.Waiting.Select(w => new WaitingEndDocument(
                    w.End.Wire.Id,
                    w.End.Wire.Name,
                    w.End.Side,
                    w.Why.Said(reader)
                )),
            ],
            order.ToolChanges,
            order.PlainToolChanges
        );

        RunTaskDocument Task(WorkTask task) =>
            new(
                task.End.Wire.Id,
                task.End.Wire.Name,
                task.End.Side,
                task.LandingId,
                job.Landings[task.LandingId].Name,
                task.Stage,
                task.Operation,
                [.. task.Steps.Select(s => s.Id)],
                [.. task.Settings.Select(Setting)],
                last.Contains(task)
            );

        ToolSettingDocument Setting(ToolSetting setting)
        {
            var changed = !setting.Equals(at.GetValueOrDefault(setting.Tool));
            at[setting.Tool] = setting;
            return new(setting.Tool, setting.Says.Said(reader), changed);
        }
    }
}

/// <summary>One operation at one end.</summary>
/// <param name="WireId">The wire.</param>
/// <param name="Wire">Its name.</param>
/// <param name="Side">Which end of it.</param>
/// <param name="LandingId">Where it lands.</param>
/// <param name="Landing">The name of that.</param>
/// <param name="Stage">How far the end is by it.</param>
/// <param name="Operation">What is done.</param>
/// <param name="Steps">Ids of the steps of its recipe.</param>
/// <param name="Settings">The tools that it takes, as they are set.</param>
/// <param name="Records">Whether the end is recorded once this is done.</param>
public sealed record RunTaskDocument(
    Guid WireId,
    string Wire,
    EndSide Side,
    Guid LandingId,
    string Landing,
    WorkStage Stage,
    Operation Operation,
    IReadOnlyList<string> Steps,
    IReadOnlyList<ToolSettingDocument> Settings,
    bool Records
);

/// <summary>A tool as it is set for a task.</summary>
/// <param name="Tool">Which.</param>
/// <param name="Says">To what.</param>
/// <param name="Changed">Whether it is set for this task, and was not so before.</param>
public sealed record ToolSettingDocument(WorkTool Tool, string Says, bool Changed);

/// <summary>An end that cannot be worked yet.</summary>
/// <param name="WireId">The wire.</param>
/// <param name="Wire">Its name.</param>
/// <param name="Side">Which end of it.</param>
/// <param name="Why">Why, in a sentence.</param>
public sealed record WaitingEndDocument(Guid WireId, string Wire, EndSide Side, string Why);
