using System.Reflection;
using System.Text.Json.Serialization;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A landing as it is written in JSON; <c>kind</c> tells which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(BindingScrewDocument), "binding-screw")]
[JsonDerivedType(typeof(BackWireClampDocument), "back-wire-clamp")]
[JsonDerivedType(typeof(BackStabDocument), "back-stab")]
[JsonDerivedType(typeof(LeverDocument), "lever")]
[JsonDerivedType(typeof(ScrewClampBlockDocument), "screw-clamp-block")]
[JsonDerivedType(typeof(SpringCageBlockDocument), "spring-cage-block")]
[JsonDerivedType(typeof(PushInBlockDocument), "push-in-block")]
[JsonDerivedType(typeof(DeepPushInDocument), "deep-push-in")]
[JsonDerivedType(typeof(InsulationDisplacementDocument), "insulation-displacement")]
[JsonDerivedType(typeof(StudDocument), "stud")]
[JsonDerivedType(typeof(SetScrewLugDocument), "set-screw-lug")]
[JsonDerivedType(typeof(CrimpedLugDocument), "crimped-lug")]
[JsonDerivedType(typeof(PlugScrewDocument), "plug-screw")]
[JsonDerivedType(typeof(SolderLugDocument), "solder-lug")]
public record LandingDocument
{
    /// <summary>The kinds there are, as JSON names them.</summary>
    public static IReadOnlyList<string> Kinds { get; } =
    [
        .. typeof(LandingDocument)
            .GetCustomAttributes<JsonDerivedTypeAttribute>()
            .Select(a => (string)a.TypeDiscriminator!),
    ];

    /// <summary>One on the Shelf, whose data is taken; then no kind is needed.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Guid? Id { get; init; }

    /// <summary>How far the data can be trusted: marking, maker or generic; null is taken as marking.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public DataTrust? Trust { get; init; }

    /// <summary>The torque marked on it; null where nothing is marked.</summary>
    public TorqueMarkingDocument? TorqueMarking { get; init; }

    /// <summary>The metals it is marked for; copper only where nothing is marked.</summary>
    public IReadOnlyList<Material>? Metals { get; init; }

    /// <summary>Whether it is marked for two conductors; null where nothing is marked.</summary>
    public bool? TakesTwo { get; init; }

    /// <summary>The temperature its terminals are marked for: 60, 75 or 90 °C; null where nothing is marked.</summary>
    public int? TemperatureC { get; init; }

    /// <summary>Whether it is marked CO/ALR: screws of receptacles and switches take aluminium only then.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool CoAlr { get; init; }

    /// <summary>Whether it can be reached again once the rest is in; null where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public bool? Accessible { get; init; }

    /// <summary>Whether the end can be seen where it seats; null where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public bool? Visible { get; init; }

    /// <summary>Writes a landing: what was read off it, and nothing that only stands in.</summary>
    public static LandingDocument Of(Landing landing) =>
        OfKind(landing) with
        {
            Trust = landing.DataTrust switch
            {
                Core.Quantities.Trust.Maker => Documents.DataTrust.Maker,
                Core.Quantities.Trust.Generic => Documents.DataTrust.Generic,
                _ => Documents.DataTrust.Marking,
            },
            TorqueMarking = landing.TorqueMarking is { } marking ? TorqueMarkingDocument.Of(marking) : null,
            Metals =
                landing.Metals.Count == 1 && landing.Metals.Contains(Material.Copper)
                    ? null
                    : [.. landing.Metals.Order()],
            TakesTwo = landing.TakesTwo,
            TemperatureC = landing.TemperatureC,
            CoAlr = landing.IsCoAlr,
            Accessible = landing.IsAccessible,
            Visible = landing.IsVisible,
        };

    private static LandingDocument OfKind(Landing landing) =>
        landing switch
        {
            BindingScrew l => new BindingScrewDocument { Screw = l.ScrewIsGiven ? l.Screw.Name : null, On = l.On },
            PlugScrew l => new PlugScrewDocument
            {
                Screw = l.ScrewIsGiven ? l.Screw.Name : null,
                Grip = l.Grip,
                ToLineMm = l.Paths?.Line.Millimetres,
                ToNeutralMm = l.Paths?.Neutral.Millimetres,
                ToEarthMm = l.Paths?.Earth?.Millimetres,
            },
            InsulationDisplacement l => new InsulationDisplacementDocument
            {
                LeastMm2 = l.Printed.LeastMm2,
                MostMm2 = l.Printed.MostMm2,
                InsulationLeastMm = l.Printed.InsulationLeastMm,
                InsulationMostMm = l.Printed.InsulationMostMm,
            },
            Stud l => new StudDocument
            {
                StudDiameterMm = l is { DiameterIsGiven: true, Screw: null } ? l.Diameter.Millimetres : null,
                BarrelDepthMm = l.BarrelDepth?.Millimetres,
                Termination = l.Shape,
                Screw = l.Screw?.Name,
                Hold = l.Hold == Stud.UsualHold(l.Screw) ? null : l.Hold,
            },
            SetScrewLug l => new SetScrewLugDocument
            {
                Drive = l.DriveIsGiven ? l.Drive : null,
                AcrossFlatsIn = l.AcrossFlatsIn,
                SlotWidthIn = l.Slot?.WidthIn,
                SlotLengthIn = l.Slot?.LengthIn,
                SmallerThanNumber10 = l.Slot?.SmallerThanNumber10,
                LeastMm2 = l.Printed.LeastMm2,
                MostMm2 = l.Printed.MostMm2,
                BarrelDepthMm = l.BarrelDepth?.Millimetres,
            },
            CrimpedLug l => new CrimpedLugDocument
            {
                BoltDiameterIn = l.BoltDiameterIn,
                BarrelDepthMm = l.BarrelDepth?.Millimetres,
            },
            SolderLug l => new SolderLugDocument { HoleMm = l.HoleIsGiven ? l.Hole.Millimetres : null },
            BackWireClamp l => new BackWireClampDocument().With(l.Printed),
            BackStab l => new BackStabDocument().With(l.Printed),
            LeverClamp l => new LeverDocument().With(l.Printed),
            ScrewClampBlock l => new ScrewClampBlockDocument().With(l.Printed),
            SpringCageBlock l => new SpringCageBlockDocument().With(l.Printed),
            PushInBlock l => new PushInBlockDocument().With(l.Printed),
            DeepPushIn l => new DeepPushInDocument().With(l.Printed),
            _ => throw new ArgumentOutOfRangeException(
                nameof(landing),
                landing.Kind,
                "There is no document for this kind."
            ),
        };

    /// <summary>The landing; throws <see cref="ImpossibleInputException"/> with the field and a sentence.</summary>
    public Landing Read()
    {
        var landing = ReadKind();
        if (TorqueMarking is not null && !landing.IsTightened)
        {
            throw new ImpossibleInputException(
                "landing.torqueMarking",
                $"A {landing.SaidAs} is not tightened: it has no torque."
            );
        }

        return landing with
        {
            TakesTwo = TakesTwo ?? landing.TakesTwo,
            DataTrust = Trust switch
            {
                Documents.DataTrust.Maker => Core.Quantities.Trust.Maker,
                Documents.DataTrust.Generic => Core.Quantities.Trust.Generic,
                _ => Core.Quantities.Trust.Marking,
            },
            IsCoAlr = CoAlr,
            IsAccessible = Accessible,
            IsVisible = Visible,
            TemperatureC = TemperatureC is null or 60 or 75 or 90
                ? TemperatureC
                : throw new ImpossibleInputException(
                    "landing.temperatureC",
                    "Terminals are marked for 60, 75 or 90 °C."
                ),
        };
    }

    /// <summary>Whether it is nothing but the id of one on the Shelf.</summary>
    public bool IsOnlyNamed() => Id is not null && GetType() == typeof(LandingDocument);

    /// <summary>What the kind has of its own.</summary>
    private protected virtual Landing ReadKind() =>
        throw new ImpossibleInputException(
            "landing.kind",
            $"A landing needs its kind, one of {string.Join(", ", Kinds)}, or the id of one on the Shelf."
        );

    /// <summary>The metals as a set.</summary>
    private protected HashSet<Material>? MetalSet => Metals is { Count: > 0 } metals ? [.. metals] : null;
}
