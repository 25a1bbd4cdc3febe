namespace Lacet.Core.PinMaps;

/// <summary>How a machine is fed for the first time, once its map was tested (common practice, from memory).</summary>
public static class FirstPowerUp
{
    /// <summary>What is done, in order; empty as long as anything forbids to feed it.</summary>
    public static IReadOnlyList<FormattableString> Of(PinMap map)
    {
        if (
            ContinuityStep.Of(map) is not { Count: > 0 }
            || PinMapChecks.Of(map).Any(f => f.Severity == Quantities.Severity.Stop)
        )
        {
            return [];
        }

        FormattableString amps = map.New?.Amps is { } plate
            ? $"Clamp its current: no more than the {plate:0.##} A on its plate once it runs."
            : (FormattableString)$"Clamp its current, and hold it against its plate.";
        IEnumerable<FormattableString> runs =
            map.Speeds == 2
                ?
                [
                    $"Feed the low speed alone. {amps}",
                    $"Stop it, wait until it stands, and feed the high speed alone. {amps}",
                    $"The high speed takes more current and turns faster: the other way round, the two leads are changed.",
                ]
                : [$"Feed it. {amps}"];
        return
        [
            $"Case closed, hands and clothes away, behind ground-fault protection.",
            .. runs,
            map.New?.Rotation is Rotation.Clockwise or Rotation.CounterClockwise || map.Old?.Rotation is not null
                ? (FormattableString)$"Look at once which way it turns: the wrong way, switch off."
                : $"Look which way it turns, and that it moves what it should.",
        ];
    }
}
