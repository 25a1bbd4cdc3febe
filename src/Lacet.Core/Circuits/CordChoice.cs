using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Circuits;

/// <summary>The right cord for a load, and the plug that goes on it.</summary>
/// <param name="Amps">The load, A.</param>
/// <param name="Cords">Every size of the table, thin to thick.</param>
/// <param name="Least">The thinnest that does; null where none of the table does.</param>
/// <param name="Plug">The plug; null where the load is too much for any of the usual ones.</param>
/// <param name="Reasons">Why, in sentences.</param>
public sealed record CordChoice(
    double Amps,
    IReadOnlyList<CordUnderLoad> Cords,
    CordUnderLoad? Least,
    CordPlug? Plug,
    IReadOnlyList<Reason> Reasons
)
{
    /// <summary>
    /// Whether three loaded conductors are three phases, or two lines and a neutral, is still to be said.
    /// </summary>
    public bool AsksPhases { get; private init; }

    /// <summary>What a cord of that use loses at most by advice, %.</summary>
    public double DropAdvised { get; private init; }

    /// <summary>No cord is reckoned with that is longer, one way.</summary>
    public static readonly Length Longest = new(300_000);

    /// <summary>A little over what is advised is as good as it.</summary>
    private const double Nearly = 1.1;

    /// <summary>A motor takes about so many times its current while it starts (common practice).</summary>
    private const double StartingFactor = 6;

    /// <summary>A household plug carries more than this for hours only warm (common practice), A.</summary>
    private const double HouseholdForHours = 10;

    /// <summary>
    /// Chooses for a load of so many amperes at a voltage over a length one way. Throws
    /// <see cref="ImpossibleInputException"/> where one of them cannot be.
    /// </summary>
    public static CordChoice For(
        double amps,
        double volts,
        Length length,
        int loadedConductors,
        CordUse use,
        int? phases = null,
        Region region = Region.NorthAmerica
    )
    {
        var practice = CordPractice.Of(region);
        Hold(phases is null or 1 or 3, "phases", "A load has one phase or three.");
        Hold(phases is not 3 || loadedConductors >= 3, "phases", "Three phases load three conductors at least.");
        Hold(amps is > 0 and <= 400, "amps", "The load must be more than 0 and at most 400 A.");
        Hold(volts is >= 5 and <= 600, "volts", "The voltage must be from 5 to 600 V.");
        Hold(
            length.Millimetres > 0 && length.Millimetres <= Longest.Millimetres,
            "lengthM",
            "The length must be more than 0 and at most 300 m."
        );
        Hold(
            loadedConductors >= 2 && loadedConductors <= practice.MostLoaded,
            "loadedConductors",
            FormattableString.Invariant(
                $"From 2 to {practice.MostLoaded} loaded conductors of a cord are in the tables; the earth is not one of them."
            )
        );
        // Three loaded conductors may be two lines and a neutral: the drop is the larger, one-phase one where nobody
        // said.
        var cords = practice
            .Rows.Select(r => Under(r, practice, amps, volts, length, loadedConductors, phases ?? 1, use))
            .ToList();
        // The drop is advice: it chooses among cords that carry the load, and refuses none.
        var able = cords.FindAll(c => c.Does);
        var least = able.Find(c => c.DropPercent <= practice.DropAdvised(use) * Nearly) ?? able.LastOrDefault();
        var plug = CordPlug.For(amps, volts, use, region);
        return new(
            amps,
            cords,
            least,
            plug,
            [.. Why(cords, least, amps, length, loadedConductors, use, practice), .. WhyPlug(plug, amps, region)]
        )
        {
            AsksPhases = loadedConductors == 3 && phases is null,
            DropAdvised = practice.DropAdvised(use),
        };
    }

    private static CordUnderLoad Under(
        CordAmpacityRow row,
        CordPractice practice,
        double amps,
        double volts,
        Length length,
        int loaded,
        int phases,
        CordUse use
    )
    {
        var size = ConductorSize.Parse(row.Size);
        var ampacity = loaded == 2 ? row.Two : row.Three * BundleFactor.For(loaded);
        var ohms = VoltageDrop.Ohms(Conductor.Of(size, Build.FineStranded, Material.Copper), length)!.Value;
        var percent = VoltageDrop.Percent(ohms, amps, volts, phases);
        var carrying = Math.Min(loaded, 3);
        return new(
            size,
            ampacity,
            percent * volts / 100,
            percent,
            carrying * amps * amps * ohms / (length.Millimetres / 1000),
            amps <= ampacity,
            percent <= practice.DropAdvised(use),
            use == CordUse.Light || size.Area.SquareMillimetres >= practice.Floor.Area.SquareMillimetres
        );
    }

    private static IEnumerable<Reason> Why(
        List<CordUnderLoad> cords,
        CordUnderLoad? least,
        double amps,
        Length length,
        int loaded,
        CordUse use,
        CordPractice practice
    ) =>
        [
            WhyThatThick(cords, amps, loaded, practice),
            WhyThatShort(cords, length, practice, practice.DropAdvised(use)),
            .. WhyNotThinner(cords, least, loaded, use, practice),
        ];

    private static Reason Because(string rule, Trust trust, string source, FormattableString text) =>
        new(rule, ReadingName.Fit, trust, source, text);

    private static Reason WhyThatThick(List<CordUnderLoad> cords, double amps, int loaded, CordPractice practice) =>
        cords.Find(c => c.CarriesIt) is { } carries
            ? Because(
                "cord-ampacity",
                Trust.Standard,
                practice.Source,
                $"{carries.Size.Name} is the thinnest that carries {amps:0.##} A with {loaded} loaded conductors: up to {carries.Ampacity:0.##} A at 30 °C."
            )
            : Because(
                "cord-ampacity",
                Trust.Standard,
                practice.Source,
                $"No cord of the table carries {amps:0.##} A with {loaded} loaded conductors."
            );

    private static Reason WhyThatShort(
        List<CordUnderLoad> cords,
        Length length,
        CordPractice practice,
        double advised
    ) =>
        cords.Find(c => c.DropsLittle) is { } little
            ? Because(
                "cord-drop",
                Trust.Standard,
                practice.DropSource,
                $"{little.Size.Name} is the thinnest that loses no more than {advised:0.#} % over {Metres(length)}: {little.DropPercent:0.0} %, {little.DropVolts:0.0} V, its copper taken at 75 °C."
            )
            : Because(
                "cord-drop",
                Trust.Standard,
                practice.DropSource,
                $"Every cord of the table loses more than {advised:0.#} % over {Metres(length)}: that is advice, and refuses none. Bring the socket nearer, or take the thickest."
            );

    private static IEnumerable<Reason> WhyNotThinner(
        List<CordUnderLoad> cords,
        CordUnderLoad? least,
        int loaded,
        CordUse use,
        CordPractice practice
    )
    {
        if (use != CordUse.Light)
        {
            yield return Because(
                "cord-floor",
                Trust.CommonPractice,
                practice.FloorSource,
                $"For {(use == CordUse.Motor ? "motors" : "appliances")} {practice.FloorSays}."
            );
        }

        if (loaded > 3)
        {
            yield return Because(
                "cord-bundle",
                Trust.Standard,
                "NEC 310.15(C)(1) (from memory)",
                $"{loaded} loaded conductors heat each other: {BundleFactor.For(loaded) * 100:0} % is left of what three may carry."
            );
        }

        if (cords.Find(c => !c.DropsLittle) is { } thin && thin != least)
        {
            yield return Because(
                "cord-thin",
                Trust.CommonPractice,
                "Ohm’s law",
                use == CordUse.Motor
                    ? (FormattableString)
                        $"On {thin.Size.Name} a motor that takes {StartingFactor:0} times its current to start would lose {thin.DropPercent * StartingFactor:0} % just then: it labours, takes longer to come up, and runs hot."
                    : $"{thin.Size.Name} would lose {thin.DropPercent:0.0} %, and a heater gives {100 - Math.Pow(100 - thin.DropPercent, 2) / 100:0} % less heat; what is lost warms the cord, {thin.LossWattsPerMetre:0.0} W in each metre."
            );
        }
    }

    private static IEnumerable<Reason> WhyPlug(CordPlug? plug, double amps, Region region)
    {
        if (plug?.SoldWith is { } sold)
        {
            yield return new(
                "cord-plug-sold",
                ReadingName.Fit,
                Trust.CommonPractice,
                plug.Source,
                $"Loads of {amps:0.#} A are sold with a {sold}; a receptacle of that rating is meant for less, so by the table it is a {plug.Name}."
            );
        }

        if (region == Region.Iec && amps > HouseholdForHours && plug is { Volts: < 300, Amps: <= 16 })
        {
            yield return new(
                "cord-plug-hours",
                ReadingName.Fit,
                Trust.CommonPractice,
                "common practice (from memory)",
                $"Over {HouseholdForHours:0} A for hours a household plug gets hot: take IEC 60309, blue, 16 A. In Britain BS 1363 goes to 13 A, with its fuse."
            );
        }
    }

    /// <summary>A length as cords have it: in metres and feet.</summary>
    private static string Metres(Length length) =>
        FormattableString.Invariant($"{length.Millimetres / 1000:0.##} m ({length.Millimetres / 304.8:0.#} ft)");

    private static void Hold(bool holds, string field, string says)
    {
        if (!holds)
        {
            throw new ImpossibleInputException(field, says);
        }
    }
}
