namespace Lacet.Core.Quantities;

/// <summary>How torque units are written.</summary>
public static class TorqueUnits
{
    /// <summary>A unit as it is printed.</summary>
    public static string Say(TorqueUnit unit) =>
        unit switch
        {
            TorqueUnit.NewtonMetre => "N·m",
            TorqueUnit.InchPound => "lbf·in",
            _ => "lbf·ft",
        };

    /// <summary>
    /// Reads "N·m", "lbf·in" or "lbf·ft" (and the same with a plain dot, a hyphen or nothing between).
    /// </summary>
    public static TorqueUnit Read(string? unit, string field) =>
        string.Concat((unit ?? "").Where(char.IsLetter)).ToUpperInvariant() switch
        {
            "NM" => TorqueUnit.NewtonMetre,
            "LBFIN" => TorqueUnit.InchPound,
            "LBFFT" => TorqueUnit.FootPound,
            _ => throw new ImpossibleInputException(field, "The unit must be N·m, lbf·in or lbf·ft."),
        };
}
