using System.Runtime.CompilerServices;
using System.Text.Json.Serialization.Metadata;
using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Jobs;

/// <summary>How the parts of a job are written: the records of Core themselves. docs/formats/job.md has the members.</summary>
internal static class PartContract
{
    /// <summary>The parts there are, and what JSON calls them.</summary>
    internal static IReadOnlyList<(Type Type, string Word)> Kinds { get; } =
    [
        (typeof(JobTitle), "title"),
        (typeof(Enclosure), "enclosure"),
        (typeof(Device), "device"),
        (typeof(JobLanding), "landing"),
        (typeof(Circuit), "circuit"),
        (typeof(JobWire), "wire"),
        (typeof(Acceptance), "acceptance"),
        (typeof(JobCord), "cord"),
        (typeof(JobPinMap), "pin-map"),
        (typeof(JobBridge), "bridge"),
        (typeof(JobCable), "cable"),
    ];

    private static readonly ConditionalWeakTable<LandingDocument, Landing> Landings = [];
    private static readonly ConditionalWeakTable<ConductorDocument, Conductor> Conductors = [];

    /// <summary>What each of these types writes otherwise than its members stand there.</summary>
    private static readonly Dictionary<Type, Action<Contract>> Written = new()
    {
        [typeof(JobPart)] = _ => { },
        [typeof(JobTitle)] = title =>
        {
            title.Named("rules", "houseRules");
            title.NullIsUsual("houseRules");
        },
        [typeof(Enclosure)] = enclosure => enclosure.LeftOut("place", "volumeIn3"),
        [typeof(Device)] = device =>
        {
            device.NullIsUsual("outlets");
            Named(device, "tiedTo").LeftOut("tiedTo", "ratedVolts", "ratedCurrent", "givesVolts", "inside");
        },
        [typeof(Circuit)] = circuit => circuit.NullIsUsual("phases"),
        [typeof(JobLanding)] = Landing,
        [typeof(JobWire)] = Wire,
        [typeof(JobCord)] = cord => cord.InOrder(["name", "seen", "sound", "mouldedToBeHad"]),
        [typeof(JobPinMap)] = map =>
            map.Written<PinMap, PinMapDocument>("map", "map", PinMapDocument.Of, written => written.Read())
                .LeftOut("plugId", "machineId"),
        [typeof(JobBridge)] = bridge =>
        {
            bridge.InOrder(["landings", "form"]);
            bridge.LeftOut("ratingAmps");
        },
        [typeof(JobCable)] = cable =>
        {
            WithConductor(cable).InOrder(["name"]);
            cable.LeftOut("count", "earth", "shielded", "saidCord", "jacketDiameterMm");
            cable.NullIsUsual("reaches");
            cable.Find("reaches").ShouldSerialize = (_, all) => all is IReadOnlyCollection<CableReach> { Count: > 0 };
        },
        [typeof(CableReach)] = _ => { },
        [typeof(InsideLink)] = _ => { },
        // Older files say a name there, which is nobody’s id.
        [typeof(Acceptance)] = acceptance =>
            acceptance.Written<Guid, string?>(
                "person",
                "person",
                person => person.ToString(),
                written => Guid.TryParse(written, out var person) ? person : Guid.Empty
            ),
        [typeof(JobEnd)] = End,
        [typeof(GivenFerrule)] = _ => { },
        [typeof(SpliceConnector)] = Connector,
        [typeof(HouseRules)] = rules => rules.NullIsUsual(),
    };

    /// <summary>Puts the contract of a type in place, where it is one of a job’s parts or belongs to one.</summary>
    internal static void Apply(JsonTypeInfo type)
    {
        if (!Written.TryGetValue(type.Type, out var write))
        {
            return;
        }

        if (type.Type == typeof(JobPart))
        {
            type.PolymorphismOptions = new() { TypeDiscriminatorPropertyName = "part" };
            foreach (var (kind, word) in Kinds)
            {
                type.PolymorphismOptions.DerivedTypes.Add(new JsonDerivedType(kind, word));
            }
        }

        var contract = new Contract(type);
        write(contract);
        if (typeof(JobPart).IsAssignableFrom(type.Type))
        {
            contract.Find("id").Order = 100;
            contract.Find("order").Order = 101;
        }
        else if (type.Type == typeof(HouseRules))
        {
            type.OnDeserialized = rules => ((HouseRules)rules).Checked();
        }
    }

    /// <summary>What stands in a stored job again and again is read once for all that say the same.</summary>
    internal static void ReadOnce(JsonTypeInfo type)
    {
        if (type.Type == typeof(JobLanding))
        {
            Property("landing").CustomConverter = new ReadOnce<LandingDocument>();
        }
        else if (type.Type == typeof(JobWire) || type.Type == typeof(JobCable))
        {
            Property("conductor").CustomConverter = new ReadOnce<ConductorDocument>();
        }

        JsonPropertyInfo Property(string name) =>
            type.Properties.Single(p => string.Equals(p.Name, name, StringComparison.Ordinal));
    }

    private static void Wire(Contract wire) =>
        WithConductor(Named(wire, "run"))
            .Written<InsulationColour?, string?>("colour", "colour", colour => colour?.ToString(), Colour)
            .LeftOut("cableId", "twinSide")
            .InOrder(["name"], "a", "b");

    private static Contract WithConductor(Contract part) =>
        part.Written<Conductor?, ConductorDocument?>(
            "conductor",
            "conductor",
            conductor => conductor is null ? null : ConductorDocument.Of(conductor),
            written => written is null ? null : Conductors.GetValue(written, document => document.Read())
        );

    /// <summary>A name that may be left empty: blanks say nothing.</summary>
    private static Contract Named(Contract part, string member) =>
        part.Written<string?, string?>(
            member,
            member,
            name => name,
            name => string.IsNullOrWhiteSpace(name) ? null : name.Trim()
        );

    private static InsulationColour? Colour(string? text) =>
        text is null ? null
        : InsulationColour.TryParse(text, out var colour) ? colour
        : throw new ImpossibleInputException(
            "colour",
            $"“{(text.Length > 40 ? text[..40] + "…" : text)}” is no colour: write such as black, BK, or green/yellow."
        );

    private static void End(Contract end) =>
        end.Written<AsMade?, FoundDocument?>(
                "found",
                "found",
                made => made is null ? null : FoundDocument.Of(made),
                written => written?.Read()
            )
            .LeftOut(
                "elsewhere",
                "freeLengthMm",
                "pastOpeningMm",
                "condition",
                "ferrule",
                "saidBare",
                "crimpShape",
                "found"
            );

    /// <summary>
    /// A landing stands there by its data, or by the id of one on the Shelf: then whoever changes the job takes its data
    /// from there before anything is judged.
    /// </summary>
    private static void Landing(Contract landing)
    {
        var (getShelfId, setShelfId) = landing.Take("shelfId");
        var set = landing.Find("landing").Set!;
        landing.Written<Landing?, LandingDocument?>(
            "landing",
            "landing",
            data => data is null ? null : LandingDocument.Of(data),
            _ => null
        );
        var written = landing.Find("landing");
        var get = written.Get!;
        written.Get = of =>
            ((LandingDocument?)get(of)) is { } document ? document with { Id = (Guid?)getShelfId(of) } : null;
        written.Set = (of, value) =>
        {
            var document = (LandingDocument?)value;
            setShelfId(of, document?.Id);
            set(of, document is null || document.IsOnlyNamed() ? null : Landings.GetValue(document, d => d.Read()));
        };
        landing.InOrder(["enclosureId", "deviceId", "name"]);
    }

    private static void Connector(Contract connector) =>
        connector
            .Named("isListedWet", "listedWet")
            .Written<IReadOnlyList<IReadOnlyList<CountedSize>>, IReadOnlyList<CombinationDocument>?>(
                "combinations",
                "combinations",
                all => all.Count == 0 ? null : [.. all.Select(CombinationDocument.Write)],
                written => [.. (written ?? []).Select(c => c.Read())]
            )
            .LeftOut("kind", "stripMm", "listedWet", "combinations");
}
