using Lacet.Core.Quantities;

namespace Lacet.Core.PinMaps;

/// <content>Speeds, the machine, and what was measured.</content>
public static partial class PinMapChecks
{
    private static IEnumerable<Finding> Speeds(PinMap map)
    {
        if (map.Speeds != 2)
        {
            yield break;
        }

        if (map.TakenForLegs)
        {
            yield return Found(
                "pin-speeds-as-legs",
                Severity.Stop,
                $"Low and high speed are taken for the two legs of a split supply: they are not.",
                $"Both run against the common; feed one of them."
            );
        }

        var fed = map.Fed.Where(f => f is PinFunction.LowSpeed or PinFunction.HighSpeed).Distinct().ToList();
        if (fed.Count > 1)
        {
            yield return Found(
                "pin-both-speeds-fed",
                Severity.Stop,
                $"Both speeds are fed.",
                $"Feed only one: fed together the windings burn."
            );
        }
        else if (fed.Count == 1)
        {
            var other = fed[0] == PinFunction.LowSpeed ? PinFunction.HighSpeed : PinFunction.LowSpeed;
            yield return Found(
                "pin-other-speed-live",
                Severity.Note,
                $"{new Term(Capital(Say(other)))} is not fed, and is live all the same while the machine runs: it carries induced voltage.",
                $"Insulate its end, and treat it as live."
            );
        }
    }

    private static IEnumerable<Finding> Machines(PinMap map) =>
        map is { Old: { } old, New: { } now } ? [.. Kinds(old, now), .. Powers(old, now), .. Frames(old, now)] : [];

    private static IEnumerable<Finding> Kinds(MachineData old, MachineData now)
    {
        if (old.Volts is { } volts && now.Volts is { } other && volts != other)
        {
            yield return Found(
                "machine-voltage",
                Severity.Stop,
                $"The old machine is for {volts:0.#} V, the new one for {other:0.#} V.",
                $"Take one of the same voltage."
            );
        }

        if (old.Speeds is { } speeds && now.Speeds is { } others && speeds != others)
        {
            yield return Found(
                "machine-speeds",
                Severity.Stop,
                $"The old machine has {speeds} speeds, the new one {others}.",
                $"Take one of the same, or change the controller too."
            );
        }

        if (old.Rotation is { } turned && now.Rotation is { } turns && turned != turns && turns != Rotation.Reversible)
        {
            yield return Found(
                "machine-rotation",
                Severity.Stop,
                $"The old machine turns {Say(turned)}, the new one {Say(turns)}: a pump or fan runs backwards.",
                $"Take one that turns the same way, or one that can be reversed."
            );
        }
    }

    private static IEnumerable<Finding> Powers(MachineData old, MachineData now)
    {
        if (old.Watts is { } watts && now.Watts is { } power && Math.Abs(watts - power) > watts * 0.1)
        {
            yield return Found(
                "machine-power",
                Severity.Fix,
                $"The old machine takes {watts:0} W, the new one {power:0} W.",
                $"Take one of the same power, or see that cord, fuse and controller carry it."
            );
        }

        if (
            old.Horsepower is { } horsepower
            && now.Horsepower is { } horses
            && Math.Abs(horsepower - horses) > horsepower * 0.1
        )
        {
            yield return Found(
                "machine-power",
                Severity.Fix,
                $"The old machine has {horsepower:0.##} hp, the new one {horses:0.##} hp.",
                $"Take one of the same power, or see that cord, fuse and controller carry it."
            );
        }

        if (old.Amps is { } amps && now.Amps is { } current && current > amps * 1.1)
        {
            yield return Found(
                "machine-amps",
                Severity.Fix,
                $"The old machine takes {amps:0.#} A, the new one {current:0.#} A.",
                $"See that cord, fuse and controller carry it, or take one of the same current."
            );
        }
    }

    private static IEnumerable<Finding> Frames(MachineData old, MachineData now)
    {
        if (
            old.Frame is { } named
            && now.Frame is { } name
            && !string.Equals(named.Trim(), name.Trim(), StringComparison.OrdinalIgnoreCase)
        )
        {
            yield return Found(
                "machine-frame",
                Severity.Fix,
                $"The old machine’s frame is {named.Trim()}, the new one’s {name.Trim()}.",
                $"Take one of the same frame."
            );
        }

        if (old.FrameMm is { } frame && now.FrameMm is { } mount && Math.Abs(frame - mount) > 1)
        {
            yield return Found(
                "machine-frame",
                Severity.Fix,
                $"The old machine’s mounting is {frame:0.#} mm apart, the new one’s {mount:0.#} mm.",
                $"Take one of the same frame."
            );
        }
    }

    private static IEnumerable<Finding> Measured(PinMap map) =>
        map
            .Pins.Where(p => p.IsWhole == false)
            .Select(p =>
                Found(
                    "pin-open",
                    Severity.Stop,
                    $"Pin {p.Pin}{(p.Terminal.Length == 0 ? "" : $" to {p.Terminal}")} {(double.IsFinite(p.Ohms!.Value) ? FormattableString.Invariant($"reads {p.Ohms:0.##} Ω") : "has no reading")}.",
                    $"It leads elsewhere, or is broken: trace it before anything is fed."
                )
            );
}
