using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;

namespace Lacet.Web.Cords;

/// <summary>The right cord for a load.</summary>
/// <param name="Amps">The load, A.</param>
/// <param name="Size">The thinnest that does, such as "14 AWG"; null where none does.</param>
/// <param name="Cords">Every size, thin to thick.</param>
/// <param name="Plug">The plug that goes on it; null where none of the usual ones does.</param>
/// <param name="Reasons">Why.</param>
public sealed record CordSizeDocument(
    double Amps,
    string? Size,
    IReadOnlyList<CordUnderLoadDocument> Cords,
    CordPlug? Plug,
    IReadOnlyList<ReasonDocument> Reasons
)
{
    /// <summary>
    /// Whether it is still to be said if the three loaded conductors are three phases, or two lines and a neutral.
    /// </summary>
    public bool AsksPhases { get; init; }

    /// <summary>What a cord of that use loses at most by advice, %.</summary>
    public double DropAdvised { get; init; }

    /// <summary>What the cord, and those next to it, lose at other lengths.</summary>
    public IReadOnlyList<DropAtLength> Drops { get; init; } = [];

    /// <summary>The jacket that it gets; null where none of the usual ones does.</summary>
    public CordJacket? Jacket { get; init; }

    /// <summary>The shortest that is sold and reaches, as it is sold; null beyond the longest.</summary>
    public string? StockLength { get; init; }

    /// <summary>
    /// The connector where the machine has an inlet; null where none takes so much, so that it is wired fixed.
    /// </summary>
    public string? Connector { get; init; }

    internal static CordSizeDocument Of(CordChoice choice, IEnumerable<Reason> besides, ReaderFormat reader) =>
        new(
            choice.Amps,
            choice.Least?.Size.Name,
            [
                .. choice.Cords.Select(c => new CordUnderLoadDocument(
                    c.Size.Name,
                    c.Size.Area.Read().Metric,
                    c.Size.SolidDiameter.Millimetres,
                    c.Ampacity,
                    c.DropVolts,
                    c.DropPercent,
                    c.LossWattsPerMetre,
                    c.CarriesIt,
                    c.DropsLittle,
                    c.IsThickEnough,
                    c.Does
                )),
            ],
            choice.Plug,
            [
                .. choice
                    .Reasons.Concat(besides)
                    .Select(r => new ReasonDocument(r.Rule, r.Reading, r.Text.Said(reader), r.Source, r.Trust)),
            ]
        )
        {
            AsksPhases = choice.AsksPhases,
        };
}

/// <summary>What cords lose at a length.</summary>
/// <param name="LengthM">The length, m.</param>
/// <param name="Sizes">Size by size.</param>
public sealed record DropAtLength(double LengthM, IReadOnlyList<DropOfSize> Sizes);

/// <summary>What a cord loses.</summary>
/// <param name="Size">Its size.</param>
/// <param name="Percent">Of the voltage, %.</param>
public sealed record DropOfSize(string Size, double Percent);

/// <summary>A cord of one size under the load.</summary>
public sealed record CordUnderLoadDocument(
    string Size,
    string Area,
    double DiameterMm,
    double Ampacity,
    double DropVolts,
    double DropPercent,
    double LossWattsPerMetre,
    bool CarriesIt,
    bool DropsLittle,
    bool IsThickEnough,
    bool Does
);
