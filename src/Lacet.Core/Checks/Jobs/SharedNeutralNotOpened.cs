using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Two lines share a neutral, and one can be left on: whoever opens the neutral then opens a live one.</summary>
public sealed class SharedNeutralNotOpened : IJobCheck<Circuit>
{
    private static readonly string[] RestsOn =
    [
        "circuit.sharesNeutralWith",
        "circuit.wires",
        "device.type",
        "device.tiedTo",
    ];

    /// <inheritdoc/>
    public string Id => "shared-neutral-not-opened-together";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Circuit;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Circuit subject)
    {
        if (
            subject.SharesNeutralWith is not { } with
            || BreakerOf(job, subject.Id) is not { } one
            || BreakerOf(job, with) is not { } other
            || HandleTie.Of(job, one).Contains(other)
        )
        {
            return null;
        }

        return new Finding(
            Id,
            Severity.Fix,
            $"Circuits {subject.Name} and {job.Circuits[with].Name} share a neutral, and {one.Name} and {other.Name} open one at a time: with one of them off, the neutral still carries the other’s load.",
            $"Take one breaker of two poles, or tie the two handles, so that both open together.",
            "NEC 210.4(B) (from memory)",
            RestsOn
        );
    }

    /// <summary>The one breaker of a circuit; null where the job shows none, or several.</summary>
    private static Device? BreakerOf(Job job, Guid circuit) =>
        job.BreakersOf(circuit).ToList() is [var only] ? only : null;
}
