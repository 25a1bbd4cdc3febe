using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>What follows from a wire's function.</summary>
public static class WireFunctions
{
    /// <summary>Whether it is hot: what belongs on brass.</summary>
    public static bool IsHot(this WireFunction function) =>
        function
            is WireFunction.Line
                or WireFunction.Switched
                or WireFunction.Traveller
                or WireFunction.LowSpeed
                or WireFunction.HighSpeed;

    /// <summary>Whether it carries the circuit's load, so that its breaker protects it.</summary>
    public static bool CarriesLoad(this WireFunction function) =>
        function is not (WireFunction.Earth or WireFunction.Shield or WireFunction.Signal);

    /// <summary>In words.</summary>
    public static Term Say(this WireFunction function) =>
        function switch
        {
            WireFunction.Line => "line",
            WireFunction.Neutral => "neutral",
            WireFunction.Earth => "earth",
            WireFunction.Switched => "switched line",
            WireFunction.Traveller => "traveller",
            WireFunction.ControlPlus => "control +",
            WireFunction.ControlMinus => "control −",
            WireFunction.ControlAc => "AC control",
            WireFunction.LowSpeed => "low speed",
            WireFunction.HighSpeed => "high speed",
            WireFunction.Signal => "signal",
            WireFunction.Shield => "shield",
            _ => "not said",
        };
}
