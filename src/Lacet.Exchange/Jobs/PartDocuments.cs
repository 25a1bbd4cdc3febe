using Lacet.Core.Jobs;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Jobs;

/// <summary>Parts of a job as they are written: nothing of them is lost.</summary>
public static class PartDocuments
{
    /// <summary>A part, written.</summary>
    public static JobPartDocument Of(IJobEntity part) =>
        part switch
        {
            Enclosure e => new EnclosureDocument
            {
                Id = e.Id,
                Order = e.Order,
                Name = e.Name,
                Form = e.Form,
                Drawing = e.Drawing,
                Revision = e.Revision,
                OpeningMm = e.Opening?.Millimetres,
                Place = e.Place,
                VolumeIn3 = e.VolumeIn3,
            },
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
                Landing = l.Landing is null ? null : LandingDocument.Of(l.Landing),
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
            JobCord c => new CordPartDocument
            {
                Id = c.Id,
                Order = c.Order,
                Name = c.Name,
                Seen = c.Seen,
                Sound = c.Sound,
                MouldedToBeHad = c.MouldedToBeHad,
            },
            JobPinMap m => new PinMapPartDocument
            {
                Id = m.Id,
                Order = m.Order,
                Map = PinMapDocument.Of(m.Map),
            },
            Acceptance a => new AcceptanceDocument
            {
                Id = a.Id,
                Order = a.Order,
                Check = a.Check,
                About = a.About,
                RestsOn = a.RestsOn,
                Reason = a.Reason,
                Person = a.Person,
            },
            JobTitle t => new TitleDocument
            {
                Id = t.Id,
                Order = t.Order,
                Name = t.Name,
                Purpose = t.Purpose,
                Note = t.Note,
                HouseRules = HouseRulesDocument.Of(t.Rules),
            },
            _ => throw new ArgumentOutOfRangeException(nameof(part), part.Kind, "There is no document for this kind."),
        };

    private static EndDocument End(JobEnd end) =>
        new()
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
            Found = end.Found is { } made ? FoundDocument.Of(made) : null,
        };
}
