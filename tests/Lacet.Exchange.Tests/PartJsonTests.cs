using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests;

/// <summary>Parts of a job are written and read as they were, every member of each.</summary>
public sealed partial class PartJsonTests
{
    /// <summary>Every rule decided the other way.</summary>
    private static readonly HouseRules OtherSchool = new()
    {
        FerrulesOnFineStrands = FerrulesOnFineStrands.WhereTheMakerAsks,
        FerruleColours = FerruleColours.French,
        SingleValueTolerance = 0.06,
        BackStabHoles = BackStabHoles.FourteenSolidTo15A,
        ReceptacleWiring = ReceptacleWiring.LeverDevice,
        HookClosing = HookClosing.Open,
        StrandsBeforeFerrule = StrandsBeforeFerrule.SlightTwist,
        StripForFerrules = StripForFerrules.LongThenTrim,
        TorqueProof = TorqueProof.ByFeel,
        RecheckAfterDays = 7,
        PauseMinutes = 15,
        ApprenticeWork = ApprenticeWork.Sampled,
        StrandLoss = StrandLoss.Critical,
        LandingOrder = LandingOrder.AsDrawn,
        PigtailStrip = PigtailStrip.ThreeInchesForLearners,
        TwistBeforeConnector = TwistBeforeConnector.AsTheSheetSays,
        WetSplice = WetSplice.SealedTwistOn,
        DamagedCord = DamagedCord.RefitPlug,
        WorkingOrder = WorkingOrder.FinishEachEnd,
        Region = Region.Iec,
    };

    private static Gen<MappedPin> Pins =>
        from pin in Gen.Int[1, 6]
        from function in Gen.Enum<PinFunction>()
        from read in Picks.Pick<double?>(null, 0.2, double.PositiveInfinity)
        from heard in Gen.Bool
        select new MappedPin(pin, function, "L1", "black", read) { Heard = heard };

    private static Gen<JobPart> Others =>
        from kind in Gen.Int[0, 8]
        from id in Gen.Guid
        from other in Gen.Guid
        from amps in Amps
        from more in Amps
        from length in Lengths
        from device in Gen.Enum<DeviceType>()
        from form in Gen.Enum<EnclosureForm>()
        from tab in Gen.Enum<BreakOffTab>()
        from method in Gen.Enum<WiringMethod>()
        from flag in Gen.Bool
        from pins in Pins.List[0, 4]
        from cue in Gen.Enum<CordCue>()
        from another in Gen.Bool
        select kind switch
        {
            0 => (JobPart)
                new Enclosure(id, "E", form)
                {
                    Order = 1,
                    Drawing = flag ? "DR-1" : null,
                    Revision = flag ? "C" : null,
                    Opening = length,
                    Place = flag ? SplicePlace.Wet : SplicePlace.Dry,
                    VolumeIn3 = amps,
                },
            1 => new Device(id, other, "D", device)
            {
                Order = 2,
                RatingAmps = amps,
                PluggedAmps = more,
                TiedTo = flag ? "Q2" : null,
                RatedVolts = more,
                RatedCurrent = flag ? CurrentKind.Dc : CurrentKind.NotSaid,
                GivesVolts = flag ? 24 : null,
                Inside = flag ? [new(InsideKind.Contact, "13", "14"), new(InsideKind.Load, "A1", "A2")] : null,
                Outlets = flag ? 1 : 2,
                HotTab = tab,
                NeutralTab = flag ? tab : BreakOffTab.Intact,
            },
            2 => new Circuit(id, "C")
            {
                Order = 5,
                OcpdAmps = amps,
                LoadAmps = more,
                Volts = 230,
                Phases = flag ? 3 : 1,
                Continuous = flag,
                Method = method,
                SharesNeutralWith = flag ? other : null,
            },
            3 => new JobCord(id, "dehumidifier")
            {
                Seen = flag ? [cue] : [],
                MouldedToBeHad = flag,
                Order = 6,
                Sound = another ? [CordPlace.Along, CordPlace.Print] : [],
            },
            4 => new JobPinMap(id)
            {
                Order = 7,
                PlugId = flag ? id : null,
                MachineId = flag ? other : null,
                Map = new PinMap("P", 6, flag ? 2 : 1, pins)
                {
                    KeySeen = flag,
                    TurnedRound = flag,
                    Speeds = flag ? 2 : 1,
                    Fed = flag ? [PinFunction.LowSpeed] : [],
                    TakenForLegs = flag,
                    Old = flag
                        ? new(230, 250, 160, 2)
                        {
                            Horsepower = amps,
                            Amps = more,
                            Frame = another ? "56C" : null,
                            Rotation = another ? Rotation.Reversible : null,
                        }
                        : null,
                    New = flag ? new(230) : null,
                    Diagram = flag
                        ? new(another ? "F-40" : null, another ? null : "the plate", another ? "1998" : null)
                        : null,
                },
            },
            6 => new JobBridge(id, flag ? [id, other] : [other, id, Guid.NewGuid()])
            {
                Order = 9,
                Form = another ? BridgeForm.Comb : BridgeForm.Screwed,
                RatingAmps = amps,
            },
            7 => new JobCable(id, "W1")
            {
                Order = 10,
                Conductor = (flag, another) switch
                {
                    (true, true) => WireText.ReadConductor("12 THHN", null),
                    (true, false) => WireText.ReadConductor("18 UL 1015", null),
                    (false, true) => WireText.ReadConductor("2.5 H07RN-F", null),
                    _ => null,
                },
                Count = another ? 4 : null,
                Earth = another ? EarthInCable.Among : EarthInCable.NotSaid,
                Shielded = flag,
                SaidCord = another,
                JacketDiameter = amps is { } over ? new Length(over) : null,
                Reaches = flag ? [new(other) { Reach = new(120) }, new(id) { Reach = new(80) }] : [],
            },
            5 => new Acceptance(id, "check", "wire/1", "digest", "why") { Order = 8, Person = id },
            _ => new JobTitle(id, "J")
            {
                Order = 1,
                Purpose = flag ? JobPurpose.Survey : JobPurpose.Work,
                Note = flag ? "n" : null,
                Rules = another ? OtherSchool : HouseRules.Default,
            },
        };

    [Fact]
    public void A_part_is_written_and_read_as_it_was() =>
        Gen.OneOf(Wires, Landings, Others)
            .Sample(part => Assert.Equivalent(part, PartJson.Parse(PartJson.Write(part)), strict: true));

    /// <summary>What the generators leave out, a round trip proves nothing about.</summary>
    [Fact]
    public void The_generators_make_every_member_of_every_part()
    {
        var members = new Dictionary<(Type, string), HashSet<string>>();
        Gen.OneOf(Wires, Landings, Others).Sample(part => Gather(part, members), iter: 4000, threads: 1);
        Assert.Equal(
            [.. Enum.GetNames<EntityKind>().Order()],
            members
                .Keys.Where(m => m.Item2 == nameof(JobPart.Kind))
                .SelectMany(m => members[m])
                .Where(k => Enum.TryParse<EntityKind>(k, out _))
                .Distinct()
                .Order()
        );
        Assert.Equal(
            14,
            members.Keys.Count(m => m.Item1.IsSubclassOf(typeof(Landing)) && m.Item2 == nameof(Landing.Kind))
        );
        Assert.Empty(
            members
                .Where(m => m.Value.Count == 1 && IsLeftOut(m.Key, m.Value.First()))
                .Select(m => $"{m.Key.Item1.Name}.{m.Key.Item2}")
        );

        // A member that is given and never has anything but its default.
        static bool IsLeftOut((Type Type, string Name) member, string only) =>
            member.Type.GetProperty(member.Name) is { SetMethod: not null } property
            && (
                only is "" or "0"
                || (
                    property.PropertyType.IsValueType
                    && string.Equals(
                        only,
                        Activator.CreateInstance(property.PropertyType)?.ToString() ?? "",
                        StringComparison.Ordinal
                    )
                )
            );
    }

    private static void Gather(object? value, Dictionary<(Type, string), HashSet<string>> into)
    {
        switch (value)
        {
            case null or string or IFormattable or Enum:
                return;
            case System.Collections.IEnumerable many:
                foreach (var one in many)
                {
                    Gather(one, into);
                }

                return;
        }

        foreach (
            var property in value
                .GetType()
                .GetProperties(System.Reflection.BindingFlags.Public | System.Reflection.BindingFlags.Instance)
                .Where(p => p.GetIndexParameters().Length == 0)
        )
        {
            var of = property.GetValue(value);
            if (!into.TryGetValue((value.GetType(), property.Name), out var seen))
            {
                into[(value.GetType(), property.Name)] = seen = new(StringComparer.Ordinal);
            }

            seen.Add(
                of switch
                {
                    null => "",
                    System.Collections.ICollection many => many.Count.ToString(
                        System.Globalization.CultureInfo.InvariantCulture
                    ),
                    _ => of.ToString()!,
                }
            );
            Gather(of, into);
        }
    }
}
