using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Where a line comes, its neutral comes too, from a bar.</summary>
public sealed class NeutralMissing : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "landing.ends",
        "landing.identity",
        "wire.function",
        "circuit.wires",
    ];

    /// <inheritdoc/>
    public string Id => "neutral-missing";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.IsReceptacle && !subject.Type.UsesCurrent())
        {
            return null;
        }

        var landings = job.LandingsOf(subject.Id).Where(l => l.Side != DeviceSide.Load).ToList();
        var neutral = landings.FindAll(l => l.Identity.IsNeutral());
        if (
            neutral.Count == 0
            || !landings.Exists(l => l.Identity.IsHot() && job.EndsAt(l.Id).Any(e => e.Wire.Function.IsHot()))
        )
        {
            return null;
        }

        var brought = neutral.FindAll(job.IsConnected);
        if (brought.Count == 0)
        {
            return Found(
                $"{subject.Name} has a line and no neutral: nothing ends at {neutral[0].Name}, and what it feeds does not run.",
                []
            );
        }

        var first = brought[0];
        // A line on it is another mistake, and found so.
        return brought.Exists(l =>
            job.EndsAt(l.Id).Any(e => e.Wire.Function != WireFunction.Neutral) || Sources.Of(job, l).Any
        )
            ? null
            : Found(
                $"The neutral of {subject.Name} leads to no bar: nothing carries its current back.",
                new NetworkWalk(job, throughContacts: true).From(first)[^1].Way.Stops
            );
    }

    private Finding Found(FormattableString says, IReadOnlyList<WayStop> way) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Bring the neutral of its circuit, in the same cable or raceway as its line; of a shared one, from the same joint.",
            "NEC 200.4, 300.3(B), 300.13(B) (from memory)",
            RestsOn
        )
        {
            Way = way,
        };
}
