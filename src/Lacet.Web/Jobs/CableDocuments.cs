using Lacet.Core.Jobs;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Workshop.Jobs;

namespace Lacet.Web.Jobs;

/// <summary>A cable or cord of a job with its conductors, and the work at its ends.</summary>
/// <param name="Cable">The cable.</param>
/// <param name="Version">The version that a change must name.</param>
/// <param name="Make">What it is, as it can be typed in again; empty where nobody said.</param>
/// <param name="Says">What its letters say, in a line; null where it has none.</param>
/// <param name="IsCord">Whether it is a flexible cord.</param>
/// <param name="IsParallel">Whether its two conductors are parted instead of freed of a jacket.</param>
/// <param name="Conductors">How many conductors it has, the earth too; null where nobody said.</param>
/// <param name="Wires">Its conductors that are wires of the job, in order.</param>
/// <param name="Entries">The work where it enters.</param>
/// <param name="Gland">The gland that usually clamps its jacket; null where nobody measured that, or none does.</param>
/// <param name="Findings">What is found about it, the worst first.</param>
public sealed record CableRow(
    JobCable Cable,
    long Version,
    string Make,
    string? Says,
    bool IsCord,
    bool IsParallel,
    int? Conductors,
    IReadOnlyList<WireRow> Wires,
    IReadOnlyList<CableEntryDocument> Entries,
    string? Gland,
    IReadOnlyList<CableFinding> Findings
)
{
    internal static CableRow Of(JobSession job, JobCable cable, ReaderFormat reader) =>
        new(
            cable,
            job.Version(cable.Id),
            cable.Make,
            cable.Conductor?.Designation?.Line,
            cable.IsCord,
            cable.IsParallel,
            cable.Conductors,
            [.. job.Job.WiresIn(cable.Id).Select(w => JobEndpoints.Row(job, w))],
            [.. CableEntering.Of(job.Judged, cable).Select(CableEntryDocument.Of)],
            cable.JacketDiameter is { } over ? Core.Cords.Gland.For(over.Millimetres)?.Name : null,
            [
                .. job
                    .Judged.About(new(Core.Checks.CheckScope.Cable, cable.Id))
                    .OrderBy(f => f.Finding.Severity)
                    .Select(f => new CableFinding(
                        f.Finding.Severity,
                        f.Finding.Says.ToString(reader),
                        f.Finding.Do.ToString(reader)
                    )),
            ]
        );
}

/// <summary>Where a cable enters an enclosure.</summary>
/// <param name="EnclosureId">The enclosure.</param>
/// <param name="Enclosure">Its name.</param>
/// <param name="Landed">How many of its conductors land there.</param>
/// <param name="Reach">From the clamp to the furthest terminal; null where nobody measured.</param>
/// <param name="JacketOff">How much of the jacket comes off, once; null where that way, or every terminal, is not known.</param>
public sealed record CableEntryDocument(
    Guid EnclosureId,
    string Enclosure,
    int Landed,
    Readout? Reach,
    Readout? JacketOff
)
{
    internal static CableEntryDocument Of(CableEntering at) =>
        new(
            at.Enclosure.Id,
            at.Enclosure.Name,
            at.Entry.Conductors,
            at.Entry.Reach?.ReadCut(),
            at.JacketOff?.ReadCut()
        );
}

/// <summary>What is found about a cable.</summary>
/// <param name="Severity">How bad it is.</param>
/// <param name="Says">What is wrong.</param>
/// <param name="Do">What to do.</param>
public sealed record CableFinding(Severity Severity, string Says, string Do);

/// <summary>A page of cables.</summary>
/// <param name="Items">The cables, in order.</param>
/// <param name="Next">From where to go on; null at the end.</param>
/// <param name="Total">How many there are.</param>
public sealed record CablePage(IReadOnlyList<CableRow> Items, int? Next, int Total);
