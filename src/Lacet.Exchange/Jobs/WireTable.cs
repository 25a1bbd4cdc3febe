using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;

namespace Lacet.Exchange.Jobs;

/// <summary>
/// A job's wires, and its bridges, as the rows of a list of some form. What the form has no column for stands behind, in
/// our own, so that nothing is lost; what its other columns held, Lacet does not know.
/// </summary>
internal sealed class WireTable
{
    private readonly JobDocument _job;
    private readonly Dictionary<Guid, string> _enclosures;
    private readonly Dictionary<Guid, JobLanding> _landings;
    private readonly Dictionary<Guid, Device> _devices;
    private readonly Dictionary<Guid, Circuit> _circuits;
    private readonly Dictionary<Guid, JobCable> _cables;

    internal WireTable(JobDocument job, WireListForm? form)
    {
        _job = job;
        _enclosures = job.Enclosures.ToDictionary(e => e.Id, e => e.Name);
        _landings = job.Landings.ToDictionary(l => l.Id);
        _devices = job.Devices.ToDictionary(d => d.Id);
        _circuits = job.Circuits.ToDictionary(c => c.Id);
        _cables = (job.Cables ?? []).ToDictionary(c => c.Id);
        Form = WireListForm.Own;
        var wires = job.Wires.Where(w => !w.Retired).ToList();
        var bridged = job.Bridges is { Count: > 0 };
        Form = form?.With(
            // A bridge is told by the word in a column of types.
            column =>
                wires.Exists(w => Cell(column, w, w.A, w.B).Length > 0) || (bridged && column == ColumnMeaning.Build),
            bridged
        )
            ?? WireListForm.Own;
        Rows = [.. wires.SelectMany(OfWire), .. (job.Bridges ?? []).SelectMany(OfBridge)];
    }

    /// <summary>How it is written.</summary>
    internal WireListForm Form { get; }

    /// <summary>The cells, row by row, below the headings.</summary>
    internal IReadOnlyList<IReadOnlyList<string>> Rows { get; }

    private IEnumerable<IReadOnlyList<string>> OfWire(JobWire wire)
    {
        yield return [.. Form.Columns.Select(c => Cell(c, wire, wire.A, wire.B))];
        if (Form.IsOfEnds)
        {
            yield return [.. Form.Columns.Select(c => Cell(c, wire, wire.B, wire.A))];
        }
    }

    /// <summary>A bridge is a row from each of its terminals to the next, without a size: so lists have them.</summary>
    private IEnumerable<IReadOnlyList<string>> OfBridge(JobBridge bridge)
    {
        var says = new ListedBridge(bridge.Form, []).Says;
        var on = bridge.Landings.Select(id => _landings[id]).OrderBy(l => l.Order).ThenBy(l => l.Id).ToList();
        return on.Zip(on.Skip(1))
            .Select(pair =>
                (IReadOnlyList<string>)
                    [
                        .. Form.Columns.Select(c =>
                            c == ColumnMeaning.Build || (c == ColumnMeaning.Conductor && !Form.Has(ColumnMeaning.Build))
                                ? says
                                : Place(c, pair.First, pair.Second)
                        ),
                    ]
            );
    }

    private string Cell(ColumnMeaning column, JobWire wire, JobEnd from, JobEnd to) =>
        column switch
        {
            ColumnMeaning.Wire => wire.Name,
            ColumnMeaning.Colour => wire.Colour?.ToString() ?? "",
            ColumnMeaning.Function => wire.Function == WireFunction.Unknown
                ? ""
                : wire.Function.Say().Word.InWords(_job.Job.Rules.Region),
            ColumnMeaning.Cable => CableOf(wire) ?? "",
            ColumnMeaning.Run => wire.Run ?? (Form.Has(ColumnMeaning.Cable) ? "" : CableOf(wire) ?? ""),
            ColumnMeaning.Ferrule => Ferrule(wire.A),
            ColumnMeaning.Circuit or ColumnMeaning.Breaker or ColumnMeaning.Volts or ColumnMeaning.Load =>
                wire.CircuitId is { } id ? OfCircuit(column, _circuits[id]) : "",
            ColumnMeaning.Size
            or ColumnMeaning.Conductor
            or ColumnMeaning.Awg
            or ColumnMeaning.Mm2
            or ColumnMeaning.Build => wire.Conductor is { } conductor ? OfConductor(column, conductor, wire) : "",
            ColumnMeaning.Length
            or ColumnMeaning.LengthM
            or ColumnMeaning.LengthFt
            or ColumnMeaning.LengthIn
            or ColumnMeaning.LengthCm
            or ColumnMeaning.LengthMm => wire.Length is { } length ? OfLength(column, length) : "",
            _ => Place(column, At(from), At(to)),
        };

    private string OfConductor(ColumnMeaning column, Conductor conductor, JobWire wire) =>
        column switch
        {
            ColumnMeaning.Build => conductor.Make,
            // A shop's list counts the conductors of a cable where its size stands; in ours a row has one size.
            ColumnMeaning.Conductor
            or ColumnMeaning.Size when Form != WireListForm.Own && Counted(wire, conductor) is { } cable => Number(
                cable.ToString()
            ),
            ColumnMeaning.Conductor => string.Join(
                ' ',
                new[]
                {
                    Number(conductor.Size.Name),
                    Form.Has(ColumnMeaning.Build) ? null : conductor.Make,
                    Form.Has(ColumnMeaning.Colour) ? null : wire.Colour?.ToString(),
                }.OfType<string>()
            ),
            // Its unit stands above it.
            ColumnMeaning.Awg when conductor.Size.Name.EndsWith(" AWG", StringComparison.Ordinal) => conductor
                .Size
                .Name[..^4],
            ColumnMeaning.Mm2 when conductor.Size.System == SizeSystem.Metric => Number(
                conductor.Size.Name.Replace(" mm²", "", StringComparison.Ordinal)
            ),
            _ => Number(conductor.Size.Name),
        };

    /// <summary>What a wire's cable is, with the wire's colour where that has no column; null where nobody counted it.</summary>
    private WireReading? Counted(JobWire wire, Conductor conductor) =>
        wire.CableId is { } id && _cables[id] is { Count: { } count, Conductor: { } of } cable && of.Equals(conductor)
            ? new WireReading
            {
                Count = count,
                Size = of.Size,
                Build = Form.Has(ColumnMeaning.Build) ? null : of.Build,
                Material = Form.Has(ColumnMeaning.Build) ? null : of.Material,
                Designation = Form.Has(ColumnMeaning.Build) ? null : of.Designation,
                Earth = cable.Earth,
                Shielded = cable.Shielded,
                Colour = Form.Has(ColumnMeaning.Colour) || Form.Has(ColumnMeaning.Size) ? null : wire.Colour,
            }
            : null;

    private string OfLength(ColumnMeaning column, Length length)
    {
        var mm = length.Millimetres;
        return column switch
        {
            ColumnMeaning.LengthM => Number(mm / 1000),
            ColumnMeaning.LengthFt => Number(mm / 304.8),
            ColumnMeaning.LengthIn => Number(mm / 25.4),
            ColumnMeaning.LengthCm => Number(mm / 10),
            ColumnMeaning.LengthMm => Number(mm),
            _ => Form.LengthUnit switch
            {
                "ft" => $"{Number(mm / 304.8)} ft",
                "in" => $"{Number(mm / 25.4)} in",
                "cm" => $"{Number(mm / 10)} cm",
                "mm" => $"{Number(mm)} mm",
                _ => $"{Number(mm / 1000)} m",
            },
        };
    }

    private string OfCircuit(ColumnMeaning column, Circuit circuit) =>
        column switch
        {
            ColumnMeaning.Circuit => circuit.Name,
            ColumnMeaning.Breaker => circuit.OcpdAmps is { } amps ? $"{Number(amps)} A" : "",
            ColumnMeaning.Volts => circuit.Volts is { } volts ? $"{Number(volts)} V" : "",
            _ => circuit.LoadAmps is { } load ? $"{Number(load)} A" : "",
        };

    private string Ferrule(JobEnd end) =>
        end.SaidBare ? "none"
        : end.Ferrule?.SizeMm2 is { } size
            ? $"{Number(size)}{(end.Ferrule.Pin is { } pin ? $"/{Number(pin.Millimetres)}" : "")}"
        : "";

    private string Place(ColumnMeaning column, JobLanding? from, JobLanding? to) =>
        column switch
        {
            ColumnMeaning.From => Whole(from, ColumnMeaning.FromEnclosure),
            ColumnMeaning.To => Whole(to, ColumnMeaning.ToEnclosure),
            ColumnMeaning.FromDevice => OfDevice(from, ColumnMeaning.FromEnclosure),
            ColumnMeaning.ToDevice => OfDevice(to, ColumnMeaning.ToEnclosure),
            ColumnMeaning.FromTerminal => Terminal(from),
            ColumnMeaning.ToTerminal => Terminal(to),
            ColumnMeaning.FromEnclosure => from is null ? "" : _enclosures[from.EnclosureId],
            ColumnMeaning.ToEnclosure => to is null ? "" : _enclosures[to.EnclosureId],
            _ => "",
        };

    private string Whole(JobLanding? at, ColumnMeaning enclosure) =>
        at is null ? "" : $"{Before(at, enclosure)}{at.Name}";

    private string OfDevice(JobLanding? at, ColumnMeaning enclosure) =>
        at is null ? ""
        : at.DeviceId is { } id ? $"{Before(at, enclosure)}{_devices[id].Name}"
        : Whole(at, enclosure);

    private string Terminal(JobLanding? at) => at?.DeviceId is { } id ? at.MarkOn(_devices[id]) : "";

    /// <summary>An enclosure stands before its place where it has no column, and is not the list’s own.</summary>
    private string Before(JobLanding at, ColumnMeaning enclosure) =>
        Form.Has(enclosure)
        || string.Equals(_enclosures[at.EnclosureId], Form.Enclosure, StringComparison.OrdinalIgnoreCase)
            ? ""
            : $"{_enclosures[at.EnclosureId]}/";

    private string? CableOf(JobWire wire) => wire.CableId is { } id ? _cables[id].Name : null;

    private JobLanding? At(JobEnd end) => end.LandingId is { } id ? _landings[id] : null;

    private string Number(double value) => Number(FormattableString.Invariant($"{value:0.####}"));

    private string Number(string text) => Form.CommaIsDecimal ? text.Replace('.', ',') : text;
}
