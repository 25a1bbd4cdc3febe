using Lacet.Core.Conductors;

namespace Lacet.Core.Jobs;

/// <content>Cables and cords, and what runs beside what.</content>
public sealed partial class Job
{
    /// <summary>The cable or cord that a wire is a conductor of; null for a single wire.</summary>
    public JobCable? CableOf(JobWire wire) => wire.CableId is { } id ? _cables.GetValueOrDefault(id) : null;

    /// <summary>The conductors of a cable or cord, in their order.</summary>
    public IReadOnlyList<JobWire> WiresIn(Guid cable) => [.. Ordered(_wiresIn[cable].Select(id => _wires[id]))];

    /// <summary>The cables of that name, whatever its case; one, or none.</summary>
    public IReadOnlyList<Guid> CablesNamed(string name) => _names[(EntityKind.Cable, Guid.Empty, name)];

    /// <summary>Whether a wire is of a flexible cord: as somebody said, or as its letters say.</summary>
    public bool IsOfCord(JobWire wire) =>
        wire.InCord
        || wire.Conductor?.Designation is { Kind: DesignationKind.Cord }
        || CableOf(wire) is { IsCord: true };

    /// <summary>
    /// Whether the cord that a wire is of may be repaired: hard-service and junior hard-service ones only.
    /// </summary>
    public bool IsHardService(JobWire wire) =>
        (wire.Conductor?.Designation ?? CableOf(wire)?.Conductor?.Designation) is { IsHardService: true };

    /// <summary>What a wire runs in, by its name: its cable, else its raceway; null where nobody said.</summary>
    public string? RunOf(JobWire wire) => CableOf(wire)?.Name ?? wire.Run;

    /// <summary>The wires in one jacket or raceway with any of some, those among them; none where nobody said.</summary>
    public IEnumerable<JobWire> RunningWith(IReadOnlyCollection<JobWire> wires) =>
        wires
            .Select(w => w.CableId)
            .OfType<Guid>()
            .Distinct()
            .SelectMany(id => _wiresIn[id])
            .Concat(
                wires
                    .Select(w => w.Run)
                    .OfType<string>()
                    .Distinct(StringComparer.OrdinalIgnoreCase)
                    .SelectMany(run => _wiresRunning[run])
            )
            .Distinct()
            .Select(id => _wires[id]);

    /// <summary>The enclosures that the conductors of a cable end in, in their order.</summary>
    public IReadOnlyList<Enclosure> EnteredBy(Guid cable) =>
        [
            .. Ordered(
                _wiresIn[cable]
                    .Select(id => _wires[id])
                    .SelectMany(w => new[] { w.A.LandingId, w.B.LandingId })
                    .OfType<Guid>()
                    .Select(id => _landings[id].EnclosureId)
                    .Distinct()
                    .Select(id => _enclosures[id])
            ),
        ];
}
