using Lacet.Core.Cords;
using Lacet.Core.Jobs;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A cable of a job where it enters an enclosure.</summary>
public static class EntryOfCable
{
    /// <summary>What is known of it there, and how many of its conductors end there.</summary>
    public static CableEntry At(Job job, JobCable cable, Guid enclosure) =>
        new(
            cable.JacketDiameter?.Millimetres,
            cable.Reaches.FirstOrDefault(r => r.EnclosureId == enclosure)?.Reach?.Millimetres
        )
        {
            Name = cable.Name,
            Conductors = EndsAt(job, cable, enclosure).Select(e => e.Wire.Id).Distinct().Count(),
            IsShielded = cable.Shielded,
            IsParallel = cable.IsParallel,
        };

    /// <summary>The ends of its conductors that land in an enclosure.</summary>
    public static IEnumerable<EndOfWire> EndsAt(Job job, JobCable cable, Guid enclosure) =>
        job.WiresIn(cable.Id)
            .SelectMany(w => new EndOfWire[] { new(w, EndSide.A), new(w, EndSide.B) })
            .Where(e => e.End.LandingId is { } id && job.Landings[id].EnclosureId == enclosure);
}
