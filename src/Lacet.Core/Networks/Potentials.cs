using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Networks;

/// <summary>What is claimed of metal: by a wire’s function, a terminal’s mark, what a device is.</summary>
public static class Potentials
{
    /// <summary>What a wire of that function carries; null where nobody said, and for a shield, which is no circuit’s.</summary>
    public static Potential? Of(WireFunction function) =>
        function switch
        {
            WireFunction.Line => Potential.Line,
            WireFunction.Switched or WireFunction.LowSpeed or WireFunction.HighSpeed => Potential.Switched,
            WireFunction.Traveller => Potential.Traveller,
            WireFunction.Neutral => Potential.Neutral,
            WireFunction.Earth => Potential.Earth,
            WireFunction.ControlPlus => Potential.Plus,
            WireFunction.ControlMinus => Potential.Zero,
            WireFunction.ControlAc => Potential.ControlAc,
            WireFunction.Signal => Potential.Signal,
            _ => null,
        };

    /// <summary>
    /// What belongs on a landing: by the bar or breaker that it is of, else by its mark; null where neither says.
    /// </summary>
    public static Potential? Of(Job job, JobLanding landing) =>
        OfDevice(job, landing)
        ?? (
            landing.Identity.IsHot() ? Potential.Line
            : landing.Identity.IsNeutral() ? Potential.Neutral
            : landing.Identity.IsEarth() ? Potential.Earth
            : null
        );

    /// <summary>
    /// What is on every landing of a bar or a breaker, whatever is written beside it, and on the output of a supply; null
    /// for other devices.
    /// </summary>
    public static Potential? OfDevice(Job job, JobLanding landing) =>
        landing.DeviceId is { } device
            ? job.Devices[device].Type switch
            {
                DeviceType.EarthBar => Potential.Earth,
                DeviceType.NeutralBar => Potential.Neutral,
                DeviceType.Breaker when IsNeutralPole(job.Devices[device], landing) => Potential.Neutral,
                DeviceType.Breaker when !landing.Identity.IsEarth() => Potential.Line,
                DeviceType.PowerSupply when DeviceInside.IsOutput(job, landing) => DeviceInside.IsPlus(
                    job.Devices[device],
                    landing
                )
                    ? Potential.Plus
                    : Potential.Zero,
                _ => null,
            }
            : null;

    private static bool IsNeutralPole(Device device, JobLanding landing) =>
        landing.Identity.IsNeutral() || DeviceInside.IsMarked(device, landing, "N");

    /// <summary>Whether it is hot: what a breaker or a switch opens.</summary>
    public static bool IsHot(this Potential potential) =>
        potential is Potential.Line or Potential.Switched or Potential.Traveller;

    /// <summary>Whether it is of a control voltage or a signal, and so of another system than power.</summary>
    public static bool IsControl(this Potential potential) =>
        potential is Potential.Plus or Potential.Zero or Potential.ControlAc or Potential.Signal;

    /// <summary>In words: "a line", "the neutral".</summary>
    public static Term Say(this Potential potential) =>
        potential switch
        {
            Potential.Line => "a line",
            Potential.Switched => "a switched line",
            Potential.Traveller => "a traveller",
            Potential.Neutral => "the neutral",
            Potential.Earth => "the earth",
            Potential.Plus => "control +",
            Potential.Zero => "control −",
            Potential.ControlAc => "AC control",
            _ => "a signal",
        };
}
