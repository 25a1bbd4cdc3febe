using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Insulation whose letters are for dry places only, where it is wet.</summary>
public sealed class NotForWetPlace : IJobCheck<EndOfWire>
{
    private static readonly string[] RestsOn = ["conductor.designation", "enclosure.place"];

    /// <inheritdoc/>
    public string Id => "not-for-wet-place";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.End;

    /// <inheritdoc/>
    public Finding? Judge(Job job, EndOfWire subject)
    {
        if (
            subject.Wire.Conductor?.Designation is not { Wet: null } letters
            || subject.End.LandingId is not { } id
            || job.Enclosures[job.Landings[id].EnclosureId] is not { Place: SplicePlace.Wet or SplicePlace.Buried } wet
        )
        {
            return null;
        }

        // A wire that stays in one box is one thing to put right.
        if (
            subject.Side == EndSide.B
            && subject.Wire.A.LandingId is { } other
            && job.Landings[other].EnclosureId == wet.Id
        )
        {
            return null;
        }

        var iec = letters.Region == Region.Iec;
        return new(
            Id,
            Severity.Fix,
            $"Wire {subject.Wire.Name} is {letters.Code}, which is for dry places only; {wet.Name} is {(wet.Place == SplicePlace.Buried ? "in the ground" : "wet")}.",
            iec
                ? $"Take one that is made for it, such as H07RN-F or NYY."
                : (FormattableString)$"Take one that is listed for it, such as THWN-2 or XHHW-2.",
            iec ? "EN 50565-1 (from memory)" : "NEC 310.10(C), table 310.4 (from memory)",
            RestsOn
        );
    }
}
