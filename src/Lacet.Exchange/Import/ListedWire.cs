using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Import;

/// <summary>A row of a wire list, as it was read; null is what the list does not say.</summary>
/// <param name="Row">The row, from 1 as a spreadsheet counts.</param>
/// <param name="Name">The wire's name.</param>
public sealed record ListedWire(int Row, string Name)
{
    /// <summary>
    /// What its name was made up from: empty for its row, else the number that it shares with others; null where the name
    /// is its own.
    /// </summary>
    public string? NameMadeOf { get; init; }

    /// <summary>Where end A lands.</summary>
    public ListedEnd? From { get; init; }

    /// <summary>Where end B lands.</summary>
    public ListedEnd? To { get; init; }

    /// <summary>What it is made of.</summary>
    public Conductor? Conductor { get; init; }

    /// <summary>Its insulation's colour.</summary>
    public InsulationColour? Colour { get; init; }

    /// <summary>What it is for.</summary>
    public WireFunction? Function { get; init; }

    /// <summary>The circuit's name.</summary>
    public string? Circuit { get; init; }

    /// <summary>The circuit's breaker, A.</summary>
    public double? BreakerAmps { get; init; }

    /// <summary>The circuit's voltage, V.</summary>
    public double? Volts { get; init; }

    /// <summary>The circuit's load, A.</summary>
    public double? LoadAmps { get; init; }

    /// <summary>Its length.</summary>
    public Length? Length { get; init; }

    /// <summary>The raceway that it runs in.</summary>
    public string? Run { get; init; }

    /// <summary>The cable or cord that it is a conductor of.</summary>
    public string? Cable { get; init; }

    /// <summary>What the row says of that cable: its letters, how many conductors; null where it says a single wire.</summary>
    public WireReading? Make { get; init; }

    /// <summary>The ferrule that the list asks for, at both ends.</summary>
    public GivenFerrule? Ferrule { get; init; }

    /// <summary>Whether the list says that it lands bare.</summary>
    public bool SaidBare { get; init; }

    private string Of => Make is { Count: { } count } ? FormattableString.Invariant($" of {count}") : "";

    /// <summary>"7: TB1:1 to PLC1:I0.1, 18 AWG stranded copper, blue, 1.4 m".</summary>
    public string Sentence()
    {
        return string.Join(
            ", ",
            new[]
            {
                $"{Name}: {From?.Place() ?? "nowhere"} to {To?.Place() ?? "nowhere"}",
                Conductor?.ToString() ?? "no size",
                Colour?.ToString(),
                Function?.Say().Word,
                Circuit is { } circuit ? $"circuit {circuit}" : null,
                Cable is { } cable ? $"in cable {cable}{Of}" : null,
                Run is { } run ? $"in {run}" : null,
                Length is { } length ? FormattableString.Invariant($"{length.Millimetres / 1000:0.###} m") : null,
            }.Where(p => p is not null)
        );
    }
}
