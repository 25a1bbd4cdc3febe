using System.Text.RegularExpressions;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Import;

/// <content>Landings, devices, enclosures and circuits that a list names.</content>
public sealed partial class ListPlan
{
    private JobLanding Landing(ListedEnd at)
    {
        var enclosure = Enclosure(at.Enclosure ?? _options.Enclosure.Trim());
        _named.Add(enclosure.Id);
        var device = at.Device is { } name ? Device(enclosure.Id, name, at) : null;
        var key = Key(enclosure.Id, at);
        var there = _landings.GetValueOrDefault(key);
        var landing = (
            there
            ?? new JobLanding(_newId(), enclosure.Id, at.Name)
            {
                Order = Next(EntityKind.Landing),
                DeviceId = device?.Id,
            }
        );
        // What is known of a landing is not overwritten by what a list happens to call it.
        if (landing is { Landing: null, Splice: null })
        {
            landing = landing with { Landing = Read(at.Landing), ShelfId = at.Landing?.Id, Splice = at.Splice };
        }

        landing = landing with
        {
            Identity = landing.Identity == TerminalIdentity.None ? at.Identity : landing.Identity,
            Side = landing.Side == DeviceSide.None ? at.Side : landing.Side,
            Half = landing.Half == DeviceHalf.None ? at.Half : landing.Half,
        };
        Keep(_landings, key, landing);
        return landing;
    }

    /// <summary>The landing of the job that an end of a list is; null where it is a new one, or none.</summary>
    private Guid? Known(ListedEnd? at) =>
        at is not null
        && _enclosures.TryGetValue(at.Enclosure ?? _options.Enclosure.Trim(), out var enclosure)
        && _landings.TryGetValue(Key(enclosure.Id, at), out var landing)
            ? landing.Id
            : null;

    /// <summary>A landing that is called as it is written there is meant: TB1-12 is TB1:12 only where nobody calls it otherwise.</summary>
    private (Guid Enclosure, string Name) Key(Guid enclosure, ListedEnd at) =>
        (
            enclosure,
            (
                at.Written is { } written && _landings.ContainsKey((enclosure, written.ToUpperInvariant()))
                    ? written
                    : at.Name
            ).ToUpperInvariant()
        );

    // A list repeats itself, and so one landing stands for many.
    private readonly Dictionary<LandingDocument, Landing> _read = new(ReferenceEqualityComparer.Instance);

    private Landing? Read(LandingDocument? listed)
    {
        if (listed is null)
        {
            return null;
        }

        if (!_read.TryGetValue(listed, out var landing))
        {
            _read.Add(listed, landing = listed.Read());
        }

        return landing;
    }

    private Device Device(Guid enclosure, string name, ListedEnd at)
    {
        var key = (enclosure, name.ToUpperInvariant());
        var device = _devices.GetValueOrDefault(key)
            ?? new Device(_newId(), enclosure, name, DeviceType.Block) { Order = Next(EntityKind.Device) };
        device = device with
        {
            Type = device.Type == DeviceType.Block ? at.Type ?? DeviceType.Block : device.Type,
            RatingAmps = device.RatingAmps ?? at.RatingAmps,
            // A device that the list brings, or that nobody described, is what the list says, in whichever row.
            Outlets =
                device.Type == DeviceType.Block || !_before.ContainsKey(device.Id)
                    ? at.Outlets ?? device.Outlets
                    : device.Outlets,
        };
        Keep(_devices, key, device);
        return device;
    }

    private Enclosure Enclosure(string name)
    {
        if (!_enclosures.TryGetValue(name, out var enclosure))
        {
            enclosure = new Enclosure(_newId(), name, default) { Order = Next(EntityKind.Enclosure) };
        }

        Keep(_enclosures, name, enclosure);
        return enclosure;
    }

    private Circuit Circuit(ListedWire wire)
    {
        var name = wire.Circuit!;
        var circuit = _circuits.GetValueOrDefault(name)
            ?? new Circuit(_newId(), name) { Order = Next(EntityKind.Circuit) };
        circuit = circuit with
        {
            OcpdAmps = wire.BreakerAmps ?? circuit.OcpdAmps,
            Volts = wire.Volts ?? circuit.Volts,
            LoadAmps = wire.LoadAmps ?? circuit.LoadAmps,
        };
        Keep(_circuits, name, circuit);
        return circuit;
    }

    /// <summary>A name as it is sorted: its numbers by their value. The framework's own way needs a culture's data.</summary>
    private static string ByNumber(JobLanding landing) =>
        Digits().Replace(landing.Name, number => number.Value.TrimStart('0').PadLeft(20, '0')).ToUpperInvariant();

    [GeneratedRegex("[0-9]{1,20}", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Digits();

    /// <summary>
    /// New terminals of a device stand where their numbers say, whatever row named them first: 2 after 1, and 10 after
    /// 9. Where somebody put those that were there in another order, they are left as they stand.
    /// </summary>
    private void StandInOrder()
    {
        var added = _landings.Values.Where(l => !_before.ContainsKey(l.Id)).Select(l => l.DeviceId).ToHashSet();
        foreach (
            var strip in _landings
                .Where(l => l.Value.DeviceId is not null && added.Contains(l.Value.DeviceId))
                .GroupBy(l => l.Value.DeviceId)
        )
        {
            var there = strip.Select(l => l.Value).Where(l => _before.ContainsKey(l.Id)).OrderBy(l => l.Order).ToList();
            if (!there.SequenceEqual(there.OrderBy(ByNumber, StringComparer.Ordinal)))
            {
                continue;
            }

            var orders = strip.Select(l => l.Value.Order).Order().ToList();
            foreach (
                var ((key, landing), order) in strip
                    .OrderBy(l => ByNumber(l.Value), StringComparer.Ordinal)
                    .Zip(orders)
                    .ToList()
            )
            {
                Keep(_landings, key, landing with { Order = order });
            }
        }
    }

    /// <summary>The revision of a drawing is that of every enclosure in the list.</summary>
    private void Revise()
    {
        foreach (var enclosure in _enclosures.Values.Where(e => _named.Contains(e.Id)).ToList())
        {
            Keep(
                _enclosures,
                enclosure.Name,
                enclosure with
                {
                    Drawing = string.IsNullOrWhiteSpace(_options.Drawing) ? enclosure.Drawing : _options.Drawing.Trim(),
                    Revision = string.IsNullOrWhiteSpace(_options.Revision)
                        ? enclosure.Revision
                        : _options.Revision.Trim(),
                }
            );
        }
    }
}
