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

public sealed partial class PartJsonTests
{
    private static Gen<TorqueMarking?> Markings =>
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
    private static Gen<Landing> AnyLanding =>
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

    private static Gen<JobPart> Landings =>
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
}
