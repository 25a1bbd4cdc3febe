using Lacet.Core.Drawings;
using Lacet.Core.PinMaps;

namespace Lacet.Core.Tests.Crafts;

/// <summary>
/// Pins counted from the key, traced to their terminals, tested one by one. Common practice, from memory.
/// </summary>
public sealed class PinMapTests
{
    private static readonly PinMap TwoSpeeds = new(
        "fan",
        6,
        1,
        [
            new(1, PinFunction.LowSpeed, "T1"),
            new(2, PinFunction.HighSpeed, "T2"),
            new(4, PinFunction.Common, "T4"),
            new(6, PinFunction.Earth, "PE"),
        ]
    )
    {
        KeySeen = true,
        Speeds = 2,
        Fed = [PinFunction.LowSpeed],
    };

    private static readonly PinMap OneSpeed = TwoSpeeds with
    {
        Speeds = 1,
        Fed = [],
        Pins = [new(1, PinFunction.Line, "T1"), new(2, PinFunction.Common, "T2"), new(3, PinFunction.Earth, "PE")],
    };

    [Fact]
    public void A_map_that_is_right_has_nothing_to_stop_it_and_says_that_the_other_speed_is_live()
    {
        Assert.Empty(PinMapChecks.Of(OneSpeed with { PinCount = 3 }));
        // A pin that nobody said anything of is asked about.
        Assert.Equal(["pin-unsaid"], PinMapChecks.Of(OneSpeed).Select(f => f.Check));
        Assert.Contains("pins 4, 5, 6 are", Ends.Read(PinMapChecks.Of(OneSpeed)[0].Says), StringComparison.Ordinal);
        var note = Assert.Single(
            PinMapChecks.Of(
                TwoSpeeds with
                {
                    PinCount = 6,
                    Pins = [.. TwoSpeeds.Pins, new(3, PinFunction.Other, "T3"), new(5, PinFunction.Other, "T5")],
                }
            )
        );
        Assert.Equal(("pin-other-speed-live", Severity.Note), (note.Check, note.Severity));
        Assert.Contains("high speed", note.Says.ToString(ReaderFormat.Metric), StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Advice", "4.12")]
    public void A_green_lead_on_a_live_pin_is_found()
    {
        var found = PinMapChecks.Of(
            OneSpeed with
            {
                Pins = [OneSpeed.Pins[0] with { Colour = "green" }, .. OneSpeed.Pins.Skip(1)],
            }
        );
        Assert.Equal(("pin-green-live", Severity.Stop, Harm.Shock), (found[0].Check, found[0].Severity, found[0].Harm));
        Assert.DoesNotContain(
            PinMapChecks.Of(
                OneSpeed with
                {
                    Pins = [.. OneSpeed.Pins.Take(2), OneSpeed.Pins[2] with { Colour = "green/yellow" }],
                }
            ),
            f => f.Check == "pin-green-live"
        );
    }

    [Fact]
    [Trait("Advice", "4.12")]
    public void A_pump_that_would_run_backwards_is_stopped()
    {
        var map = OneSpeed with
        {
            Old = new(Volts: 120, Horsepower: 0.5, Amps: 6, Frame: "48Y", Rotation: Rotation.Clockwise),
        };
        Assert.Contains(PinMapChecks.Of(map with { New = map.Old with { Rotation = Rotation.CounterClockwise } }), f =>
            f is { Check: "machine-rotation", Severity: Severity.Stop }
        );
        Assert.DoesNotContain(PinMapChecks.Of(map with { New = map.Old with { Rotation = Rotation.Reversible } }), f =>
            f.Check.StartsWith("machine", StringComparison.Ordinal)
        );
        Assert.Equal(
            ["machine-amps", "machine-frame", "machine-power"],
            PinMapChecks
                .Of(map with { New = new(120, Horsepower: 1, Amps: 9, Frame: "56Y") })
                .Select(f => f.Check)
                .Where(c => c.StartsWith("machine", StringComparison.Ordinal))
                .Order(StringComparer.Ordinal)
        );
    }

    public static TheoryData<string, string, Severity> Faults =>
        new()
        {
            { "key", "pin-key-not-seen", Severity.Stop },
            { "pin 9", "pin-not-there", Severity.Stop },
            { "pin twice", "pin-twice", Severity.Stop },
            { "terminal twice", "pin-terminal-twice", Severity.Stop },
            { "nowhere", "pin-leads-nowhere", Severity.Fix },
            { "no earth", "pin-function-missing", Severity.Stop },
            { "two commons", "pin-function-twice", Severity.Fix },
            { "speed of one", "pin-speed-of-one", Severity.Fix },
            { "legs", "pin-speeds-as-legs", Severity.Stop },
            { "both fed", "pin-both-speeds-fed", Severity.Stop },
            { "volts", "machine-voltage", Severity.Stop },
            { "speeds", "machine-speeds", Severity.Stop },
            { "power", "machine-power", Severity.Fix },
            { "frame", "machine-frame", Severity.Fix },
            { "open", "pin-open", Severity.Stop },
            { "4 ohms", "pin-open", Severity.Stop },
        };

    [Theory]
    [MemberData(nameof(Faults))]
    public void Each_fault_is_found(string fault, string check, Severity severity)
    {
        var pins = TwoSpeeds.Pins;
        var plate = new MachineData(120, 100, 90, 2);
        var map = fault switch
        {
            "key" => TwoSpeeds with { KeySeen = false },
            "pin 9" => TwoSpeeds with { Pins = [.. pins, new(9, PinFunction.Other, "T9")] },
            "pin twice" => TwoSpeeds with { Pins = [.. pins, new(1, PinFunction.Other, "T9")] },
            "terminal twice" => TwoSpeeds with { Pins = [.. pins, new(3, PinFunction.Other, " t1 ")] },
            "nowhere" => TwoSpeeds with { Pins = [.. pins, new(3, PinFunction.Other, "")] },
            "no earth" => TwoSpeeds with { Pins = [.. pins.Where(p => p.Function != PinFunction.Earth)] },
            "two commons" => TwoSpeeds with { Pins = [.. pins, new(3, PinFunction.Common, "T3")] },
            "speed of one" => OneSpeed with { Pins = [.. OneSpeed.Pins, new(4, PinFunction.LowSpeed, "T4")] },
            "legs" => TwoSpeeds with { TakenForLegs = true },
            "both fed" => TwoSpeeds with { Fed = [PinFunction.LowSpeed, PinFunction.HighSpeed] },
            "volts" => TwoSpeeds with { Old = plate, New = plate with { Volts = 230 } },
            "speeds" => TwoSpeeds with { Old = plate, New = plate with { Speeds = 1 } },
            "power" => TwoSpeeds with { Old = plate, New = plate with { Watts = 150 } },
            "frame" => TwoSpeeds with { Old = plate, New = plate with { FrameMm = 95 } },
            "open" => TwoSpeeds with { Pins = [pins[0] with { Ohms = double.PositiveInfinity }, .. pins.Skip(1)] },
            _ => TwoSpeeds with { Pins = [pins[0] with { Ohms = 4 }, .. pins.Skip(1)] },
        };
        Assert.Contains(PinMapChecks.Of(map), f => f.Check == check && f.Severity == severity);
        Assert.DoesNotContain(PinMapChecks.Of(TwoSpeeds), f => f.Check == check);
    }

    [Fact]
    public void A_machine_like_the_old_one_is_right_and_what_nobody_read_is_not_compared()
    {
        var plate = new MachineData(120, 100, 90, 2);
        Assert.DoesNotContain(PinMapChecks.Of(TwoSpeeds with { Old = plate, New = plate with { Watts = 105 } }), f =>
            f.Severity != Severity.Note
        );
        Assert.DoesNotContain(PinMapChecks.Of(TwoSpeeds with { Old = plate, New = new() }), f =>
            f.Severity != Severity.Note
        );
    }

    [Fact]
    public void A_colour_matches_nothing()
    {
        var same = TwoSpeeds with { Pins = [.. TwoSpeeds.Pins.Select(p => p with { Colour = "blue" })] };
        Assert.Equal(PinMapChecks.Of(TwoSpeeds).Select(f => f.Check), PinMapChecks.Of(same).Select(f => f.Check));
    }

    [Fact]
    public void The_test_goes_pin_by_pin_once_the_key_was_seen()
    {
        Assert.Empty(ContinuityStep.Of(TwoSpeeds with { KeySeen = false }));
        var measured = TwoSpeeds with
        {
            Pins =
            [
                .. TwoSpeeds
                    .Pins.Reverse()
                    .Select(p =>
                        p with
                        {
                            Ohms = p.Pin switch
                            {
                                1 => 0.3,
                                2 => double.PositiveInfinity,
                                _ => null,
                            },
                        }
                    ),
            ],
        };
        Assert.Equal(
            [(1, true), (2, false), (4, null), (6, (bool?)null)],
            ContinuityStep.Of(measured).Select(s => (s.Pin, s.Passed))
        );
        Assert.Contains("case", ContinuityStep.Of(measured)[^1].Elsewhere, StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Advice", "4.12")]
    public void Each_speed_runs_alone_at_the_first_power_up_and_its_current_is_held_against_the_plate()
    {
        var says = FirstPowerUp
            .Of(TwoSpeeds with { New = new MachineData(Amps: 1.4, Rotation: Rotation.Clockwise) })
            .Select(Ends.Read)
            .ToList();
        Assert.Equal(
            ["Feed the low speed alone", "Stop it, wait until it stands, and feed the high speed alone"],
            says.Where(s => s.Contains("1.4 A", StringComparison.Ordinal))
                .Select(s => s[..s.IndexOf('.', StringComparison.Ordinal)])
        );
        Assert.Contains("which way it turns", says[^1], StringComparison.Ordinal);
        Assert.Single(FirstPowerUp.Of(OneSpeed), s => Ends.Read(s).StartsWith("Feed it.", StringComparison.Ordinal));
        // Nothing is fed while anything forbids it, or before there is anything to test.
        Assert.Empty(FirstPowerUp.Of(TwoSpeeds with { KeySeen = false }));
        Assert.Empty(FirstPowerUp.Of(TwoSpeeds with { Fed = [PinFunction.LowSpeed, PinFunction.HighSpeed] }));
    }

    [Theory]
    [InlineData(null, false, null)]
    [InlineData(null, true, true)]
    [InlineData(0.9, false, true)]
    [InlineData(1.0, false, false)]
    [InlineData(4.0, true, false)] // a meter that sounds at 4 Ω was heard, and then read
    [InlineData(double.PositiveInfinity, false, false)]
    public void A_way_is_whole_where_it_was_heard_or_reads_under_an_ohm_and_a_number_outweighs_a_sound(
        double? ohms,
        bool heard,
        bool? whole
    ) => Assert.Equal(whole, new MappedPin(1, PinFunction.Line, "T1", "", ohms) { Heard = heard }.IsWhole);

    [Theory]
    [InlineData(4, 1)]
    [InlineData(12, 2)]
    public void Turned_round_the_same_connector_is_itself_half_a_turn_on(int pins, int rows)
    {
        var (above, below) = (ConnectorFace.Of(pins, rows, turned: false), ConnectorFace.Of(pins, rows, turned: true));
        var body = above.Scene.Parts.Single(p => p.Id == "body").Box;
        Assert.Equal(Enumerable.Range(1, pins), above.Pins.Select(p => p.Pin));
        Assert.All(above.Pins.Zip(below.Pins), pair =>
            Assert.Equal((body.Right - pair.First.X, body.Bottom - pair.First.Y), (pair.Second.X, pair.Second.Y))
        );
        // Pin 1 at the left of the row along the key.
        Assert.Equal(above.Pins.Min(p => p.X), above.Pins[0].X);
        Assert.Equal(above.Pins.Min(p => p.Y), above.Pins[0].Y);
        Assert.True(above.Scene.Parts.Single(p => p.Id == "key").Box.Top < body.Top);
        Assert.True(below.Scene.Parts.Single(p => p.Id == "key").Box.Bottom > body.Bottom);
    }

    [Theory]
    [InlineData(1, 1, 1)]
    [InlineData(61, 1, 1)]
    [InlineData(5, 2, 1)]
    [InlineData(6, 3, 1)]
    [InlineData(6, 1, 3)]
    public void What_is_no_connector_is_refused(int pins, int rows, int speeds) =>
        Assert.Throws<ImpossibleInputException>(() =>
            (TwoSpeeds with { PinCount = pins, Rows = rows, Speeds = speeds }).Checked()
        );
}
