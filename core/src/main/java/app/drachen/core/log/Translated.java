package app.drachen.core.log;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Words of headers in German, French, Spanish and Italian as the English ones that {@link ColumnNames} knows. Words that mean
 * something else in another language are taken only where they stand alone.
 *
 * <p>Source: general dictionaries, from memory; the pilot sees what every column is taken for.
 */
final class Translated {
    private static final Map<String, String> WORDS = words(
            """
            time: zeit uhrzeit temps heure tiempo hora tempo ora
            date: datum fecha
            height: hoehe hauteur altura altezza
            altitude: altitud altitudine quota
            speed: geschwindigkeit vitesse velocidad velocita
            airspeed: fluggeschwindigkeit luftgeschwindigkeit eigengeschwindigkeit fahrt
            groundspeed: grundgeschwindigkeit
            air: aire aria luft
            ground: grund sol suelo suolo tierra terra
            vertical: verticale vertikal
            climb: steigen steigrate montee ascenso ascension subida salita
            vario: variometre variometro
            roll: rollen rollwinkel querlage querneigung roulis alabeo balanceo rollio
            pitch: nick nicken nickwinkel laengsneigung tangage cabeceo beccheggio
            yaw: gieren gierwinkel lacet guinada imbardata
            rate: drehrate taux tasa rateo rollrate nickrate gierrate
            heading: steuerkurs rumbo prua
            course: kurs rotta derrota
            latitude: breite breitengrad latitud latitudine
            longitude: laenge laengengrad longitud longitudine
            voltage: spannung tension tensione voltaje voltaggio
            current: strom courant corriente corrente
            consumption: verbrauch verbraucht consommation consomme consommee consumo consumido consumata consumato
            battery: akku batterie bateria batteria accu
            stick: knueppel manche palanca leva
            throttle: gas gaz acelerador manetta
            power: leistung puissance potencia potenza
            aileron: querruder alerones aleron alettone alettoni
            elevator: hoehenruder profondeur profundidad elevador elevatore equilibratore
            rudder: seitenruder palonnier timon timone
            flap: klappe volet volets
            output: ausgang sortie salida uscita
            motor: moteur motore
            mode: modus betriebsart flugmodus modo modalita
            wind: vent viento vento
            north: nord norte
            east: ost este
            wanted: soll consigne deseado deseada objetivo richiesto richiesta desiderato
            link: verbindung liaison enlace collegamento
            quality: qualitaet qualite calidad qualita guete
            signal: senal segnale empfang
            strength: signalstaerke staerke
            satellites: satelliten satelites satelliti
            temperature: temperatur temperatura
            distance: entfernung distancia distanza
            armed: scharf arme armado armato
            seconds: sekunden secondes segundos secondi
            acceleration: beschleunigung aceleracion accelerazione
            """);
    private static final Map<String, String> ALONE = words(
            """
            heading: cap
            course: route
            east: est
            date: data
            """);

    private Translated() {}

    private static Map<String, String> words(String lines) {
        Map<String, String> all = new HashMap<>();
        lines.lines().forEach(line -> {
            String[] parts = line.split(":");
            for (String word : parts[1].strip().split(" +")) {
                all.put(word, parts[0]);
            }
        });
        return Map.copyOf(all);
    }

    /** A word without accents: {@code montée} as {@code montee}. */
    static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("\\p{M}+", "");
    }

    /** The words of a header in English, as far as they are known; what is not stays as it is. */
    static List<String> english(List<String> words) {
        List<String> english = new ArrayList<>();
        for (String word : words) {
            String known = WORDS.get(word);
            String alone = words.size() == 1 ? ALONE.get(word) : null;
            english.add(known != null ? known : alone != null ? alone : word);
        }
        // a rate in one word keeps its axis
        if (words.contains("rollrate")) {
            english.add("roll");
        }
        if (words.contains("nickrate")) {
            english.add("pitch");
        }
        if (words.contains("gierrate")) {
            english.add("yaw");
        }
        return english;
    }
}
