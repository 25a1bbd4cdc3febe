using Lacet.Core.Jobs;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Findings;

/// <summary>What can be done about an end, and doing it.</summary>
public sealed class Remedies(JobEditor editor)
{
    /// <summary>Takes a remedy, as a command that can be undone.</summary>
    /// <param name="id">The job.</param>
    /// <param name="command">Made by the client.</param>
    /// <param name="person">Who.</param>
    /// <param name="wire">At which wire.</param>
    /// <param name="side">At which of its ends.</param>
    /// <param name="key">Which remedy.</param>
    /// <param name="cancellation">Stops it.</param>
    public Task<Outcome<CommandDone>> TakeAsync(
        Guid id,
        Guid command,
        Guid person,
        Guid wire,
        EndSide side,
        string key,
        CancellationToken cancellation
    ) =>
        editor.ChangeAsync(
            id,
            command,
            person,
            job =>
            {
                // Worked out anew: what is taken is what puts the job right as it is now.
                var remedy = (End(job, wire, side) is { } end ? Of(job, end) : []).FirstOrDefault(r =>
                    string.Equals(Key(r), key, StringComparison.Ordinal)
                )
                    ?? throw new ImpossibleInputException(
                        "key",
                        "That puts nothing right any more: something was changed. Look again."
                    );
                return (
                    remedy.Says,
                    [.. remedy.Changes.Select(c => new PartChange(c.After!, null, job.Version(c.Id)))]
                );
            },
            cancellation
        );

    /// <summary>What puts an end right.</summary>
    public static IReadOnlyList<EndRemedy> Of(JobSession job, EndOfWire end) =>
        [.. EndRemedies.For(job.Judged, end, Guid.CreateVersion7)];

    /// <summary>An end of a wire that is there and not retired; null otherwise.</summary>
    public static EndOfWire? End(JobSession job, Guid wire, EndSide side) =>
        job.Job.Wires.TryGetValue(wire, out var found) && !found.Retired ? new(found, side) : null;

    /// <summary>By which a remedy is taken.</summary>
    public static string Key(EndRemedy remedy) => $"{remedy.Id}/{remedy.At}/{remedy.Says}";
}
