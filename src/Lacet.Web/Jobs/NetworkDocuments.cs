using System.Globalization;
using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;
using Lacet.Web.Http;

namespace Lacet.Web.Jobs;

/// <summary>A stop on a way: a landing, or a wire between two.</summary>
/// <param name="Says">As people write it: "DCP/X1:4", "wire 15".</param>
/// <param name="LandingId">The landing; null for a wire.</param>
/// <param name="WireId">The wire; null for a landing.</param>
/// <param name="EnclosureId">Where that landing is; null for a wire.</param>
public sealed record WayStopDocument(string Says, Guid? LandingId, Guid? WireId, Guid? EnclosureId)
{
    internal static IReadOnlyList<WayStopDocument> Of(Job job, IReadOnlyList<WayStop> stops) =>
        [
            .. stops.Select(s => new WayStopDocument(
                s.Says,
                s.LandingId,
                s.WireId,
                s.LandingId is { } id && job.Landings.TryGetValue(id, out var landing) ? landing.EnclosureId : null
            )),
        ];
}

/// <summary>A landing that something leads to.</summary>
/// <param name="LandingId">The landing.</param>
/// <param name="Name">Its name with its enclosure: "DCP/X1:4".</param>
/// <param name="Device">The name of its device; null where it stands alone.</param>
/// <param name="Way">The shortest way to it.</param>
public sealed record WayTo(Guid LandingId, string Name, string? Device, IReadOnlyList<WayStopDocument> Way)
{
    internal static WayTo Of(Job job, Reached reached)
    {
        var landing = reached.Landing!;
        return new(
            landing.Id,
            $"{job.Enclosures[landing.EnclosureId].Name}/{landing.Name}",
            landing.DeviceId is { } device ? job.Devices[device].Name : null,
            WayStopDocument.Of(job, reached.Way.Stops)
        );
    }
}

/// <summary>Networks of a job, the first of them.</summary>
/// <param name="Networks">By their first landing.</param>
/// <param name="Next">Where the next page begins; null where there is none.</param>
public sealed record NetworkPage(IReadOnlyList<NetworkDocument> Networks, int? Next);

/// <summary>Landings that are one piece of metal.</summary>
/// <param name="LandingIds">Its landings, in the job’s order.</param>
/// <param name="WireIds">Its wires.</param>
/// <param name="Potentials">What is said of it, in words; more than one where it contradicts itself.</param>
/// <param name="CircuitIds">The circuits of its wires.</param>
/// <param name="IsOpen">Whether it goes on to where the job does not say.</param>
public sealed record NetworkDocument(
    IReadOnlyList<Guid> LandingIds,
    IReadOnlyList<Guid> WireIds,
    IReadOnlyList<Term> Potentials,
    IReadOnlyList<Guid> CircuitIds,
    bool IsOpen
)
{
    internal static NetworkDocument Of(Job job, Network network) =>
        new(
            [.. network.Landings.Select(l => l.Id)],
            [.. network.Wires.Select(w => w.Id)],
            [.. network.Says(job).Select(p => p.Say())],
            [.. network.Wires.Select(w => w.CircuitId).OfType<Guid>().Distinct()],
            network.IsOpen
        );
}

/// <summary>How it gets to a landing.</summary>
/// <param name="Breaker">The breaker that feeds it.</param>
/// <param name="Way">From that breaker to the landing.</param>
/// <param name="Length">Of all wires on the way; null where one is not known.</param>
/// <param name="Drop">The voltage lost on the way, in a sentence; null where it cannot be known.</param>
/// <param name="Source">Where that is from; null as it is.</param>
/// <param name="Supply">The supply or transformer behind which it is; null where there is none.</param>
public sealed record FeedDocument(
    string Breaker,
    IReadOnlyList<WayStopDocument> Way,
    Readout? Length,
    string? Drop,
    string? Source,
    string? Supply
)
{
    internal static FeedDocument Of(Job job, Feed feed) =>
        new(
            feed.Breaker.Name,
            WayStopDocument.Of(job, feed.Way.Stops),
            feed.Length?.ReadLong(),
            feed.Says?.ToString(CultureInfo.InvariantCulture),
            feed.Says is null ? null : VoltageDrop.Source,
            feed.Supply?.Name
        );
}

/// <summary>What a landing is connected to.</summary>
/// <param name="LandingId">The landing.</param>
/// <param name="Potentials">What stands on it, in words; more than one where its network contradicts itself.</param>
/// <param name="Reached">Every other landing of its network, nearest first.</param>
/// <param name="WireIds">Every wire of it.</param>
/// <param name="IsOpen">Whether it goes on to where the job does not say.</param>
/// <param name="Feeds">The breakers that feed it, each with the way from there, the nearest first.</param>
/// <param name="Opens">Its device, where that is a breaker, a switch or a disconnector and can be opened; null otherwise.</param>
/// <param name="NotKnown">Names of devices that it comes to at a terminal of which nobody said what it is joined to.</param>
public sealed record TraceDocument(
    Guid LandingId,
    IReadOnlyList<Term> Potentials,
    IReadOnlyList<WayTo> Reached,
    IReadOnlyList<Guid> WireIds,
    bool IsOpen,
    IReadOnlyList<FeedDocument> Feeds,
    Guid? Opens,
    IReadOnlyList<string> NotKnown
)
{
    internal static TraceDocument Of(Job job, Trace trace) =>
        new(
            trace.From.Id,
            [.. trace.Says.Select(p => p.Say())],
            [.. trace.Reached.Skip(1).Select(r => WayTo.Of(job, r))],
            trace.WireIds,
            trace.IsOpen,
            [.. Feed.Of(job, trace.From).Select(f => FeedDocument.Of(job, f))],
            trace.From.DeviceId is { } device && job.Devices[device].Type.IsOpenedByHand() ? trace.From.DeviceId : null,
            [
                .. trace
                    .Reached.Select(r => (At: r.Landing!, Device: r.Landing!.DeviceId))
                    .Where(r => r.Device is { } id && !DeviceInside.IsKnown(job.Devices[id], r.At))
                    .Select(r => job.Devices[r.Device!.Value].Name)
                    .Distinct(StringComparer.Ordinal),
            ]
        );
}

/// <summary>What goes dead when a device is opened, and what stays live.</summary>
/// <param name="Device">Its name.</param>
/// <param name="With">Names of the breakers that open with it, their handles being tied.</param>
/// <param name="Dead">What these alone feed.</param>
/// <param name="Live">What something else feeds in the same boxes and machines, with the way from there.</param>
public sealed record OpenedDocument(
    string Device,
    IReadOnlyList<string> With,
    IReadOnlyList<WayTo> Dead,
    IReadOnlyList<WayTo> Live
)
{
    internal static OpenedDocument Of(Job job, Device device)
    {
        var opened = Opened.Of(job, device);
        return new(
            device.Name,
            [.. opened.Devices.Skip(1).Select(d => d.Name)],
            [.. opened.Dead.Select(r => WayTo.Of(job, r))],
            [.. opened.Live.Select(r => WayTo.Of(job, r))]
        );
    }
}

/// <summary>A breaker that feeds something in an enclosure.</summary>
/// <param name="DeviceId">The breaker.</param>
/// <param name="Name">Its name with its enclosure: "LP/Q3".</param>
/// <param name="Way">The way from it to the first landing that it feeds there.</param>
public sealed record SourceDocument(Guid DeviceId, string Name, IReadOnlyList<WayStopDocument> Way);

/// <summary>What can make an enclosure live.</summary>
/// <param name="Breakers">The breakers.</param>
/// <param name="Unfed">Breakers in it that this job does not feed: their feed side stays live.</param>
/// <param name="Out">Wires that lead from there out of the job: something may come by them.</param>
public sealed record EnclosureSourcesDocument(
    IReadOnlyList<SourceDocument> Breakers,
    IReadOnlyList<string> Unfed,
    IReadOnlyList<string> Out
)
{
    internal static EnclosureSourcesDocument Of(Job job, Guid enclosure)
    {
        var sources = EnclosureSources.Of(job, enclosure);
        return new(
            [
                .. sources.Breakers.Select(b => new SourceDocument(
                    b.Breaker.Id,
                    $"{job.Enclosures[b.Breaker.EnclosureId].Name}/{b.Breaker.Name}",
                    WayStopDocument.Of(job, b.Way.Stops)
                )),
            ],
            [.. sources.Unfed.Select(d => d.Name)],
            [.. sources.Out.Select(w => w.Name)]
        );
    }
}

/// <summary>What is on each breaker of an enclosure.</summary>
/// <param name="Breakers">In their order.</param>
public sealed record DirectoryDocument(IReadOnlyList<DirectoryLineDocument> Breakers)
{
    internal static DirectoryDocument Of(Job job, Guid enclosure) =>
        new([.. PanelDirectory.Of(job, enclosure).Breakers.Select(l => DirectoryLineDocument.Of(job, l))]);
}

/// <summary>A breaker in a directory.</summary>
/// <param name="DeviceId">The breaker.</param>
/// <param name="Name">Its name.</param>
/// <param name="RatingAmps">What it is rated for, A; null where nobody said.</param>
/// <param name="With">Names of the breakers whose handles are tied to its own.</param>
/// <param name="Circuits">Names of its circuits.</param>
/// <param name="Feeds">What it feeds, by enclosure.</param>
/// <param name="IsOpen">Whether it also goes on to where the job does not say.</param>
public sealed record DirectoryLineDocument(
    Guid DeviceId,
    string Name,
    double? RatingAmps,
    IReadOnlyList<string> With,
    IReadOnlyList<string> Circuits,
    IReadOnlyList<FedPlace> Feeds,
    bool IsOpen
)
{
    internal static DirectoryLineDocument Of(Job job, DirectoryLine line) =>
        new(
            line.Breaker.Id,
            line.Breaker.Name,
            line.Breaker.RatingAmps,
            [.. HandleTie.Of(job, line.Breaker).Skip(1).Select(d => d.Name)],
            [.. line.Circuits.Select(c => c.Name)],
            [
                .. line
                    .Feeds.GroupBy(d => d.EnclosureId)
                    .Select(g => new FedPlace(
                        job.Enclosures[g.Key].Name,
                        [.. g.Select(d => $"{d.Name}, {d.Type.DisplayName().InWords(ReaderWords.Region)}")]
                    )),
            ],
            line.IsOpen
        );
}

/// <summary>What a breaker feeds in one enclosure.</summary>
/// <param name="Enclosure">Its name.</param>
/// <param name="Devices">Each with what it is: "R1, receptacle".</param>
public sealed record FedPlace(string Enclosure, IReadOnlyList<string> Devices);
