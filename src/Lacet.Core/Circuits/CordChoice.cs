using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>The right cord for a load, and the plug that goes on it.</summary>
/// <param name="Amps">The load, A.</param>
/// <param name="Cords">Every size of the table, thin to thick.</param>
/// <param name="Least">The thinnest that does; null where none of the table does.</param>
/// <param name="Plug">The plug; null where the load is too much for any of the usual ones.</param>
/// <param name="Reasons">Why, in sentences.</param>
public sealed record CordChoice(double Amps, IReadOnlyList<CordUnderLoad> Cords, CordUnderLoad? Least, CordPlug? Plug, IReadOnlyList<Reason> Reasons)
{
    /// <summary>Whether three loaded conductors are three phases, or two lines and a neutral, is still to be said.</summary>
    public bool AsksPhases { get; private init; }

    private const string Table = "NEC 400.5(A)(1) (from memory)";
    private const int MostLoaded = 20;

    /// <summary>A little over what is advised is as good as it.</summary>
    private const double Nearly = 1.1;

    /// <summary>A motor takes about so many times its current while it starts (common practice).</summary>
    private const double StartingFactor = 6;

    private static readonly IReadOnlyList<CordAmpacityRow> Rows = ReferenceTable.Rows<CordAmpacityRow>("nec-400-5");

    /// <summary>Appliances and motors get 16 AWG three-wire at least, 18 only light electronics (common practice).</summary>
    private static readonly ConductorSize Floor = ConductorSize.Parse("16 AWG");

    /// <summary>
    /// Chooses for a load of so many amperes at a voltage over a length one way. Throws
    /// <see cref="ImpossibleInputException"/> where one of them cannot be.
    /// </summary>
    public static CordChoice For(double amps, double volts, Length length, int loadedConductors, CordUse use, int? phases = null)
    {
        Hold(phases is null or 1 or 3, "phases", "A load has one phase or three.");
        Hold(phases is not 3 || loadedConductors >= 3, "phases", "Three phases load three conductors at least.");
        Hold(amps is > 0 and <= 400, "amps", "The load must be more than 0 and at most 400 A.");
        Hold(volts is >= 5 and <= 600, "volts", "The voltage must be from 5 to 600 V.");
        Hold(length.Millimetres is > 0 and <= 300_000, "lengthM", "The length must be more than 0 and at most 300 m.");
        Hold(loadedConductors is >= 2 and <= MostLoaded, "loadedConductors", "From 2 to 20 conductors of a cord are loaded; the earth is not one of them.");
        // Three loaded conductors may be two lines and a neutral: the drop is the larger, one-phase one where nobody said.
        var cords = Rows.Select(r => Under(r, amps, volts, length, loadedConductors, phases ?? 1, use)).ToList();
        // The drop is advice: it chooses among cords that carry the load, and refuses none.
        var able = cords.FindAll(c => c.Does);
        var least = able.Find(c => c.DropPercent <= VoltageDrop.Advised * Nearly) ?? able.LastOrDefault();
        return new(amps, cords, least, CordPlug.For(amps, volts, use), [.. Why(cords, least, amps, length, loadedConductors, use)])
        {
            AsksPhases = loadedConductors == 3 && phases is null,
        };
    }

    private static CordUnderLoad Under(CordAmpacityRow row, double amps, double volts, Length length, int loaded, int phases, CordUse use)
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
            percent <= VoltageDrop.Advised,
            use == CordUse.Light || size.Area.SquareMillimetres >= Floor.Area.SquareMillimetres);
    }

    private static IEnumerable<Reason> Why(List<CordUnderLoad> cords, CordUnderLoad? least, double amps, Length length, int loaded, CordUse use)
    {
        Reason Because(string rule, Trust trust, string source, FormattableString text) => new(rule, ReadingName.Fit, trust, source, text);
        yield return cords.Find(c => c.CarriesIt) is { } carries
            ? Because("cord-ampacity", Trust.Standard, Table, $"{carries.Size.Name} is the thinnest that carries {amps:0.##} A with {loaded} loaded conductors: up to {carries.Ampacity:0.##} A at 30 °C.")
            : Because("cord-ampacity", Trust.Standard, Table, $"No cord of the table carries {amps:0.##} A with {loaded} loaded conductors.");
        yield return cords.Find(c => c.DropsLittle) is { } little
            ? Because("cord-drop", Trust.Standard, "NEC 210.19(A) note, chapter 9 table 8 (from memory)", $"{little.Size.Name} is the thinnest that loses no more than {VoltageDrop.Advised:0.#} % over {Metres(length)}: {little.DropPercent:0.0} %, {little.DropVolts:0.0} V, its copper taken at 75 °C.")
            : Because("cord-drop", Trust.Standard, "NEC 210.19(A) note, chapter 9 table 8 (from memory)", $"Every cord of the table loses more than {VoltageDrop.Advised:0.#} % over {Metres(length)}: that is advice, and refuses none. Bring the socket nearer, or take the thickest.");
        if (use != CordUse.Light)
        {
            yield return Because("cord-floor", Trust.CommonPractice, "common practice (from memory)", $"16 AWG three-wire is the floor for {(use == CordUse.Motor ? "motors" : "appliances")}; 18 AWG is for light electronics only.");
        }

        if (loaded > 3)
        {
            yield return Because("cord-bundle", Trust.Standard, "NEC 310.15(C)(1) (from memory)", $"{loaded} loaded conductors heat each other: {BundleFactor.For(loaded) * 100:0} % is left of what three may carry.");
        }

        if (cords.Find(c => !c.DropsLittle) is { } thin && thin != least)
        {
            yield return Because("cord-thin", Trust.CommonPractice, "Ohm’s law", use == CordUse.Motor
                ? (FormattableString)$"On {thin.Size.Name} a motor that takes {StartingFactor:0} times its current to start would lose {thin.DropPercent * StartingFactor:0} % just then: it labours, takes longer to come up, and runs hot."
                : $"{thin.Size.Name} would lose {thin.DropPercent:0.0} %, and a heater gives {100 - Math.Pow(100 - thin.DropPercent, 2) / 100:0} % less heat; what is lost warms the cord, {thin.LossWattsPerMetre:0.0} W in each metre.");
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
