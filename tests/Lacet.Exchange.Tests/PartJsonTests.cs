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
public sealed class PartJsonTests
{
    private static readonly Gen<double?> Amps = Gen.Int[0, 200].Select(a => a == 0 ? (double?)null : a);

    private static readonly Gen<Length?> Lengths = Gen.Int[0, 5000]
        .Select(mm => mm == 0 ? (Length?)null : new Length(mm));

    private static readonly Gen<Guid?> Ids = Gen.Bool.SelectMany(b =>
        b ? Gen.Guid.Select(g => (Guid?)g) : Gen.Const((Guid?)null)
    );

    private static readonly Gen<Tightening?> Tightenings =
        from form in Gen.Int[0, 4]
        from torque in Gen.Int[1, 5000]
        from simulated in Gen.Bool
        select form switch
        {
            0 => null,
            1 => (Tightening?)new Tightening.Reading(new(torque / 1000.0), "driver 4", simulated),
            2 => new Tightening.Preset("driver 5", new(torque / 1000.0)),
            3 => new Tightening.ByFeel(),
            _ => new Tightening.Seated(),
        };

    private static readonly Gen<AsMade?> Made =
        from given in Gen.Bool
        from bare in Lengths
        from strip in Lengths
        from tightening in Tightenings
        from hook in Gen.Enum<HookWay>()
        from looks in Gen.Enum<Judgement>()
        from flags in Gen.Int[0, 1023]
        from strands in Gen.Int[0, 19]
        from lost in Gen.Int[0, 5]
        select !given
            ? null
            : new AsMade(strip, tightening)
            {
                BareShowing = bare,
                Hook = hook,
                StripLooks = looks == Judgement.Pass ? null : looks,
                InsulationCaught = (flags & 1) > 0,
                Loose = (flags & 2) > 0,
                Scorched = (flags & 4) > 0,
                HookOpened = (flags & 8) > 0,
                Nicked = (flags & 16) > 0,
                Ringed = (flags & 32) > 0,
                OverTwisted = (flags & 64) > 0,
                StrandOut = (flags & 128) > 0,
                Doubled = (flags & 256) > 0,
                BadSolder = (flags & 512) > 0,
                Strands = strands == 0 ? null : strands,
                StrandsLost = lost,
            };

    private static readonly Gen<GivenFerrule?> Ferrules =
        from given in Gen.Bool
        from size in Picks.Pick(0.5, 2.5, 16.0)
        from pin in Lengths
        from collar in Gen.Enum<Collar>()
        select given ? new GivenFerrule(size, pin, collar) : null;

    private static readonly Gen<JobEnd> Ends =
        from id in Gen.Guid
        from landing in Ids
        from elsewhere in Gen.Bool
        from free in Lengths
        from past in Lengths
        from condition in Gen.Enum<EndCondition>()
        from ferrule in Ferrules
        from crimp in Gen.Enum<CrimpShape>()
        from bare in Gen.Bool
        from found in Made
        select new JobEnd(id)
        {
            LandingId = landing,
            Elsewhere = elsewhere,
            FreeLength = free,
            PastOpening = past,
            Condition = condition,
            Ferrule = ferrule,
            CrimpShape = bare ? null : crimp,
            SaidBare = bare,
            Found = found,
        };

    private static readonly Gen<JobPart> Wires =
        from id in Gen.Guid
        from a in Ends
        from b in Ends
        from size in Picks.Pick("14", "2.5 mm²", "1/0", "250 kcmil")
        from build in Gen.Enum<Build>()
        from function in Gen.Enum<WireFunction>()
        from colour in Picks.Pick("black", "green, yellow stripe", "white, blue stripe")
        from circuit in Ids
        from length in Lengths
        from run in Picks.Pick<string?>(null, "W4")
        from flags in Gen.Int[0, 3]
        select (JobPart)
            new JobWire(id, "7", a, b)
            {
                Order = 3,
                Conductor = ConductorSize.TryParse(size, out var read, out _)
                    ? Conductor.Of(read, build, Material.Copper)
                    : null,
                Colour = InsulationColour.TryParse(colour, out var hue) ? hue : null,
                Function = function,
                CircuitId = circuit,
                Length = length,
                Run = run,
                InCord = (flags & 1) > 0,
                Retired = (flags & 2) > 0,
            };

    private static readonly Gen<TorqueMarking?> Markings =
        from form in Gen.Int[0, 2]
        from least in Gen.Int[1, 40]
        from more in Gen.Int[0, 20]
        from unit in Gen.Enum<TorqueUnit>()
        select form switch
        {
            0 => null,
            1 => TorqueMarking.OfTarget(least, unit),
            _ => TorqueMarking.OfRange(least, least + more, unit),
        };

    /// <summary>Each kind with all of its data, some of it or none.</summary>
    private static readonly Gen<Landing> AnyLanding =
        from kind in Gen.Int[0, 13]
        from marking in Markings
        from least in Amps
        from more in Gen.Int[0, 50]
        from depth in Gen.Int[0, 40]
        from inches in Picks.Pick<double?>(null, 0.25, 0.3125)
        from screw in Picks.Pick(null, "#6", "#8", "#10")
        from ferrule in Gen.Enum<FerruleAcceptance>()
        from flags in Gen.Int[0, 127]
        from screwOn in Gen.Enum<ScrewOn>()
        from drive in Gen.Enum<LugDrive>()
        from hold in Gen.Enum<StudHold>()
        let most = least + more
        let mm = depth < 3 ? (double?)null : depth
        let first = (flags & 1) > 0
        let size = screw is null ? null : ScrewSize.Parse(screw)
        let metals = (flags & 2) > 0 ? new HashSet<Material> { Material.Copper, Material.Aluminium } : null
        let data = new PrintedData(
            least,
            first ? most : null,
            mm is { } d ? new Length(d) : null,
            first ? ferrule : null,
            (flags & 4) > 0 ? new HashSet<Build> { Build.Solid, Build.FineStranded } : null,
            first ? new Length(2.5) : null,
            (flags & 4) > 0 ? new Length(5.2) : null
        )
        let landing = kind switch
        {
            0 => (Landing)new BindingScrew(size, marking, metals) { On = first ? screwOn : null },
            1 => new PlugScrew(size, first ? PlugGrip.Clamp : PlugGrip.Hook, marking)
            {
                Paths = (flags & 4) > 0 ? new(new(22), new(20), first ? new Length(30) : null) : null,
            },
            2 => new InsulationDisplacement(least, first ? most : null, first ? 1.2 : null, first ? 6 : null),
            3 => new Stud(
                size is not null || mm is > 16 ? null : mm,
                mm,
                first ? RingShape.Fork : RingShape.Ring,
                hold == StudHold.Lever ? null : marking,
                size,
                hold
            ),
            4 => new SetScrewLug(
                first ? drive : null,
                inches,
                first ? new LugSlot(0.04, 0.25, (flags & 4) > 0) : null,
                least,
                first ? most : null,
                mm,
                marking,
                metals
            ),
            5 => new CrimpedLug(inches, mm, marking, metals),
            6 => new SolderLug(first ? 2.5 : null),
            7 => new BackWireClamp(data, marking, metals),
            8 => new BackStab(data, metals),
            9 => new LeverClamp(data, metals),
            10 => new ScrewClampBlock(data, marking, metals),
            11 => new SpringCageBlock(data, metals),
            12 => new PushInBlock(data, metals),
            _ => new DeepPushIn(data, metals),
        }
        select landing with
        {
            TakesTwo = (flags & 8) > 0,
            TemperatureC = (flags & 16) > 0 ? 75 : null,
            IsCoAlr = (flags & 4) > 0,
            DataTrust =
                (flags & 16) > 0 ? Trust.Marking
                : first ? Trust.Maker
                : Trust.Generic,
            IsAccessible = (flags & 32) > 0 ? first : null,
            IsVisible = (flags & 64) > 0 ? first : null,
        };

    private static readonly Gen<JobPart> Landings =
        from id in Gen.Guid
        from other in Gen.Guid
        from device in Ids
        from landing in AnyLanding
        from kind in Gen.Enum<ConnectorKind>()
        from half in Gen.Enum<DeviceHalf>()
        from side in Gen.Enum<DeviceSide>()
        from identity in Gen.Enum<TerminalIdentity>()
        from length in Lengths
        from shelf in Ids
        from flags in Gen.Int[0, 7]
        let isSplice = (flags & 1) > 0
        select (JobPart)
            new JobLanding(id, other, "L")
            {
                Order = 4,
                DeviceId = device,
                Landing = isSplice ? null : landing,
                ShelfId = isSplice ? null : shelf,
                Splice = isSplice
                    ? new("s", 2, 3, 0.5, 4, (flags & 2) > 0)
                    {
                        Kind = kind,
                        Strip = length,
                        IsListedWet = (flags & 4) > 0,
                        Combinations =
                        [
                            [new(2, ConductorSize.Parse("14"))],
                        ],
                    }
                    : null,
                Identity = identity,
                Side = side,
                Half = half,
                Spare = (flags & 2) > 0,
            };

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

    private static readonly Gen<MappedPin> Pins =
        from pin in Gen.Int[1, 6]
        from function in Gen.Enum<PinFunction>()
        from read in Picks.Pick<double?>(null, 0.2, double.PositiveInfinity)
        from heard in Gen.Bool
        select new MappedPin(pin, function, "L1", "black", read) { Heard = heard };

    private static readonly Gen<JobPart> Others =
        from kind in Gen.Int[0, 6]
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
            5 => new Acceptance(id, "check", "wire/1", "digest", "why", "who") { Order = 8 },
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
