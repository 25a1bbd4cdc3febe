using System.Globalization;
using System.Runtime.CompilerServices;
using Lacet.Core.Boards;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Boards;

/// <summary>
/// An enclosure’s board as it was read last. Of a large board a change reaches a device or two: only these are written
/// anew, and only these are told to whoever knows the rest. Whoever uses it holds the job’s gate.
/// </summary>
public sealed class KeptBoard(JobSession job, Guid enclosure)
{
    private readonly StandingBoard _standing = new(job.Job, enclosure);
    private readonly string _stamp = Guid.NewGuid().ToString("N");
    private readonly Dictionary<Guid, (BoardWire Wire, long At)> _wires = [];
    private readonly Dictionary<Guid, long> _gone = [];
    private readonly HashSet<Guid> _reached = [];
    private ConditionalWeakTable<BoardDevice, Dated> _devices = [];
    private string _shape = "";
    private long _shapedAt;
    private long _now;
    private bool _isStale = true;
    private bool _allWires = true;

    /// <summary>Tells of a change: the parts before and after it, and what is judged otherwise because of it.</summary>
    internal void Reach(IReadOnlyCollection<JobPart> parts, IReadOnlyCollection<Subject> judged)
    {
        _isStale = true;
        if (_standing.Reach(parts, judged))
        {
            _devices = [];
            _allWires = true;
        }

        _reached.UnionWith(parts.OfType<JobWire>().Select(w => w.Id));
    }

    /// <summary>
    /// The board; with the mark of one that was read before only what has changed since, where that can be told.
    /// </summary>
    public BoardDocument Read(string? since, Dictionary<Guid, string> people)
    {
        if (_isStale)
        {
            _isStale = false;
            _now++;
        }

        var layout = _standing.Layout();
        var shape = string.Join(
            ';',
            layout.Rails.Select(r => string.Create(CultureInfo.InvariantCulture, $"{r.Kind} {r.Devices.Count}"))
        );
        if (!string.Equals(shape, _shape, StringComparison.Ordinal) || _allWires)
        {
            (_shape, _shapedAt) = (shape, _now);
        }

        WriteWires();
        var after = Known(since);
        return new(
            enclosure,
            job.Sequence,
            string.Create(CultureInfo.InvariantCulture, $"{_stamp}-{_now}"),
            after is null,
            Rounded(layout.Box),
            [
                .. layout.Rails.Select(r => new BoardRailDocument(
                    r.Kind,
                    Rounded(r.Box),
                    [
                        .. r
                            .Devices.Select(d => Written(d, people))
                            .Select(d => after is null || d.At > after ? d.Device : null),
                    ]
                )),
            ],
            [.. _wires.Values.Where(w => after is null || w.At > after).Select(w => w.Wire)],
            [.. _gone.Where(g => after is not null && g.Value > after).Select(g => g.Key)]
        );
    }

    /// <summary>
    /// When a mark was given; null where it is none of this board’s, or where things stand elsewhere since.
    /// </summary>
    private long? Known(string? since) =>
        since?.Split('-') is [var stamp, var at]
        && string.Equals(stamp, _stamp, StringComparison.Ordinal)
        && long.TryParse(at, NumberStyles.None, CultureInfo.InvariantCulture, out var then)
        && then >= _shapedAt
        && then <= _now
            ? then
            : null;

    private void WriteWires()
    {
        if (_allWires)
        {
            _wires.Clear();
            _gone.Clear();
            _reached.UnionWith(job.Job.Wires.Keys);
        }

        foreach (var id in _reached)
        {
            if (job.Job.Wires.TryGetValue(id, out var wire) && !wire.Retired && (EndsHere(wire.A) || EndsHere(wire.B)))
            {
                _wires[id] = (Wire(wire), _now);
                _gone.Remove(id);
            }
            else if (_wires.Remove(id))
            {
                _gone[id] = _now;
            }
        }

        _allWires = false;
        _reached.Clear();
    }

    private bool EndsHere(JobEnd end) => end.LandingId is { } id && job.Job.Landings[id].EnclosureId == enclosure;

    private Dated Written(BoardDevice device, Dictionary<Guid, string> people)
    {
        if (!_devices.TryGetValue(device, out var written))
        {
            _devices.Add(device, written = new(Device(device, people), _now));
        }

        return written;
    }

    private BoardDeviceDocument Device(BoardDevice device, Dictionary<Guid, string> people)
    {
        var found = device.DeviceId is { } of ? job.Judged.About(new Subject(CheckScope.Device, of)) : [];
        return new(
            device.DeviceId,
            device.DeviceId is { } id ? job.Version(id) : 0,
            device.Name,
            device.Form,
            Rounded(device.Label),
            Rounded(device.Body),
            [.. device.Parts.Select(p => new BoardPart(p.Id, p.Kind, p.Path.Data))],
            [.. device.Slots.Select(s => Slot(s, people))],
            found.Select(f => (Severity?)f.Finding.Severity).Min(),
            [.. found.Select(f => f.Finding.Check)]
        );
    }

    private BoardSlotDocument Slot(BoardSlot slot, Dictionary<Guid, string> people)
    {
        var landing = job.Job.Landings[slot.LandingId];
        var ends = job.Job.EndsAt(landing.Id);
        // Most slots have nothing found, and a board has thousands of them.
        var found = new List<Finding>();
        found.AddRange(job.Judged.About(new Subject(CheckScope.Landing, landing.Id)).Select(f => f.Finding));
        foreach (var end in ends)
        {
            found.AddRange(AboutEnd(end));
        }

        return new(
            landing.Id,
            landing.Name,
            slot.Mark,
            landing.Describe(),
            Rounded(slot.Box),
            [.. slot.Stubs.Select(s => Stub(s, people))],
            slot.More,
            found.Count == 0 ? null : found.Min(f => f.Severity),
            found.Count == 0 ? [] : [.. found.Select(f => f.Check).Distinct(StringComparer.Ordinal)],
            landing.Spare
        );
    }

    private IEnumerable<Finding> AboutEnd(EndOfWire end) =>
        job
            .Judged.About(new Subject(CheckScope.End, end.Wire.Id, end.Side))
            .Concat(job.Judged.About(new Subject(CheckScope.Wire, end.Wire.Id)))
            .Select(f => f.Finding);

    private BoardStubDocument Stub(BoardStub stub, Dictionary<Guid, string> people)
    {
        var end = new EndOfWire(job.Job.Wires[stub.WireId], stub.Side);
        var progress = job.Progress(end);
        return new(
            stub.WireId,
            stub.Side,
            Rounded(stub.X),
            Rounded(stub.Y),
            Rounded(stub.ToX),
            Rounded(stub.ToY),
            progress.State,
            progress.OlderPlan ? true : null,
            AboutEnd(end).Select(f => (Severity?)f.Severity).Min(),
            end.End.Ferrule?.SizeMm2 is { } given ? Mm2(given)
                : job.Judged.Plan(stub.WireId, stub.Side)?.Ferrule is { } ferrule ? Mm2(ferrule.Size.SquareMillimetres)
                : null,
            job.Ends.Of(end.End.Id) is { Plan: not null } landed ? people.GetValueOrDefault(landed.By) : null
        );
    }

    private BoardWire Wire(JobWire wire) =>
        new(
            wire.Id,
            job.Version(wire.Id),
            wire.Name,
            wire.Conductor?.Size.Name ?? "",
            wire.Colour?.ToString() ?? "",
            wire.Colour?.Base,
            wire.Colour?.Stripe,
            wire.Function == WireFunction.Unknown ? "" : wire.Function.Say(),
            wire.CircuitId,
            Place(wire.A),
            Place(wire.B)
        );

    private BoardPlace? Place(JobEnd end) =>
        end.LandingId is { } id
            ? new(
                id,
                job.Job.PlaceOf(end),
                job.Job.Landings[id].EnclosureId is var there && there == enclosure ? null : there
            )
            : null;

    private static string Mm2(double size) => FormattableString.Invariant($"{size:0.##} mm²");

    /// <summary>To a hundredth of a millimetre: finer is not seen, and longer to send.</summary>
    private static double Rounded(double mm) => Math.Round(mm, 2);

    private static BoardBox Rounded(SceneBox box) =>
        new(Rounded(box.Left), Rounded(box.Top), Rounded(box.Right), Rounded(box.Bottom));

    private sealed record Dated(BoardDeviceDocument Device, long At);
}
