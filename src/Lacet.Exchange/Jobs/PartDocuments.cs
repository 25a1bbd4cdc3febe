using System.Text.Json;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Jobs;

/// <summary>Parts that Lacet itself made, as they are written. Their landings are ones that nobody has read off.</summary>
public static class PartDocuments
{
    /// <summary>A part, written.</summary>
    public static JobPartDocument Of(IJobEntity part) => part switch
    {
        Enclosure e => new EnclosureDocument { Id = e.Id, Order = e.Order, Name = e.Name, Form = e.Form, Drawing = e.Drawing, Revision = e.Revision, OpeningMm = e.Opening?.Millimetres, Place = e.Place, VolumeIn3 = e.VolumeIn3 },
        Device d => new DeviceDocument
        {
            Id = d.Id,
            Order = d.Order,
            EnclosureId = d.EnclosureId,
            Name = d.Name,
            Type = d.Type,
            RatingAmps = d.RatingAmps,
            PluggedAmps = d.PluggedAmps,
            Outlets = d.Outlets,
            HotTab = d.HotTab,
            NeutralTab = d.NeutralTab,
        },
        JobLanding l => new JobLandingDocument
        {
            Id = l.Id,
            Order = l.Order,
            EnclosureId = l.EnclosureId,
            DeviceId = l.DeviceId,
            Name = l.Name,
            Landing = l.Landing is null ? null : Unread(l.Landing),
            Splice = l.Splice is null ? null : SpliceConnectorDocument.Of(l.Splice),
            Identity = l.Identity,
            Side = l.Side,
            Half = l.Half,
            Spare = l.Spare,
        },
        Circuit c => new CircuitDocument
        {
            Id = c.Id,
            Order = c.Order,
            Name = c.Name,
            Volts = c.Volts,
            Phases = c.Phases,
            OcpdAmps = c.OcpdAmps,
            LoadAmps = c.LoadAmps,
            Continuous = c.Continuous,
            Method = c.Method,
            SharesNeutralWith = c.SharesNeutralWith,
        },
        JobWire w => new WireDocument
        {
            Id = w.Id,
            Order = w.Order,
            Name = w.Name,
            Conductor = w.Conductor is null ? null : ConductorDocument.Of(w.Conductor),
            Colour = w.Colour?.ToString(),
            Function = w.Function,
            CircuitId = w.CircuitId,
            LengthMm = w.Length?.Millimetres,
            Run = w.Run,
            InCord = w.InCord,
            Retired = w.Retired,
            A = End(w.A),
            B = End(w.B),
        },
        _ => throw new ArgumentException($"Lacet makes no {part.Kind} itself.", nameof(part)),
    };

    private static EndDocument End(JobEnd end) => new()
    {
        Id = end.Id,
        LandingId = end.LandingId,
        Elsewhere = end.Elsewhere,
        FreeLengthMm = end.FreeLength?.Millimetres,
        PastOpeningMm = end.PastOpening?.Millimetres,
        Condition = end.Condition,
        Ferrule = end.Ferrule is { } f ? new(f.SizeMm2, f.Pin?.Millimetres, f.Collar) : null,
        SaidBare = end.SaidBare,
        CrimpShape = end.CrimpShape,
        Found = end.Found is { } made ? new(made.BareShowing?.Millimetres, made.InsulationCaught, made.Hook, made.Loose, made.Scorched) : null,
    };

    private static LandingDocument Unread(Landing landing) =>
        JsonSerializer.Deserialize<LandingDocument>($$"""{"kind":"{{landing.Kind}}","trust":"generic"}""", Json.Options)!;
}
