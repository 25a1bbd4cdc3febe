using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A lug with a set screw.</summary>
public sealed record SetScrewLugDocument : LandingDocument
{
    /// <summary>slotted, hex-socket, hex or split-bolt; null is taken as hex-socket.</summary>
    public LugDrive? Drive { get; init; }

    /// <summary>A socket's size across flats, in.</summary>
    public double? AcrossFlatsIn { get; init; }

    /// <summary>A slot's width, in; given with its length.</summary>
    public double? SlotWidthIn { get; init; }

    /// <summary>A slot's length, in.</summary>
    public double? SlotLengthIn { get; init; }

    /// <summary>Whether a slotted screw is smaller than #10.</summary>
    public bool? SmallerThanNumber10 { get; init; }

    /// <summary>The smallest size it takes, mm².</summary>
    public double? LeastMm2 { get; init; }

    /// <summary>The largest size it takes, mm².</summary>
    public double? MostMm2 { get; init; }

    /// <summary>Depth of the barrel, mm.</summary>
    public double? BarrelDepthMm { get; init; }

    private protected override Landing ReadKind() =>
        new SetScrewLug(
            Drive,
            AcrossFlatsIn,
            Slot(),
            LeastMm2,
            MostMm2,
            BarrelDepthMm,
            TorqueMarking?.Read(),
            MetalSet
        );

    private LugSlot? Slot() =>
        (SlotWidthIn, SlotLengthIn) switch
        {
            (null, null) => null,
            ({ } width, { } length) => new LugSlot(width, length, SmallerThanNumber10 ?? false),
            _ => throw new ImpossibleInputException(
                "landing.slotLengthIn",
                "A slot has a width and a length: give both, or neither."
            ),
        };
}
