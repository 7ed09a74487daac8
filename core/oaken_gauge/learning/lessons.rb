# frozen_string_literal: true

module OakenGauge
  module Learning
    # What all tests together teach of a profile: the readings of a value, from however many tests, are one {Sample}.
    class Lessons
      # One value that moved. - value: Symbol, its name; - from, to: in its unit; - count: measurements it rests on now
      # - sd: one standard error; - interval: of the spread, or the share; - bias_interval: of the mean
      # - bias: what all readings are off by; the last three nil where there is none
      Moved = Struct.new(:value, :from, :to, :count, :sd, :interval, :bias_interval, :bias, keyword_init: true) do
        # @return [Makers::Profile::Known]
        def known
          Makers::Profile::Known.new(value: to, count: count, bias: bias)
        end
      end
      # Readings of a value. - mean, spread: Symbols, which values of the profile they tell; a mean nil where the spread's own bias
      # is meant, a spread nil where none is kept; - found: [Float]; - scale: how many times as large the spread is than that of
      # a reading
      Readings = Struct.new(:mean, :spread, :found, :scale, keyword_init: true)
      # Hits of a share. - value: Symbol; - hits, of: Integer
      Hits = Struct.new(:value, :hits, :of, keyword_init: true)

      # A time varies by this part of itself, until it is measured.
      OF_A_TIME = 1/3r

      # @param profile [Makers::Profile]
      # @param told [Array<Readings, Hits>] of all tests
      def initialize(profile, told)
        @profile = profile
        @readings, @hits = told.partition { |one| one.is_a?(Readings) }
      end

      # @return [Array<Moved>]
      def moved
        samples = @readings.group_by { |one| [one.mean, one.spread, one.scale] }.values
        samples.flat_map { |same| of_readings(same.first, same.flat_map(&:found)) } +
          @hits.group_by(&:value).map { |value, same| of_hits(value, same) }
      end

      private

      def of_readings(told, found)
        return [] if found.empty?

        sample = sample(told, found)
        [(mean_moved(told, sample, found) if told.mean), (spread_moved(told, sample, found) if told.spread)].compact
      end

      def sample(told, found)
        mean = told.mean ? @profile[told.mean].to_f : @profile.bias(told.spread)
        spread = told.spread ? @profile[told.spread].to_f : mean * OF_A_TIME
        Sample.new(found, mean: mean, spread: spread / told.scale, count: count(told.mean || told.spread))
      end

      def mean_moved(told, sample, found)
        Moved.new(value: told.mean, from: @profile[told.mean].to_f, to: sample.mean, count: count(told.mean) + found.size,
                  sd: sample.spread / Math.sqrt(sample.weight), bias_interval: sample.mean_between, interval: sample.spread_between)
      end

      # Of one seam, where a reading is the mean of two.
      def spread_moved(told, sample, found)
        spread, low, high = [sample.spread, *sample.spread_between].map { |one| one * told.scale }
        Moved.new(value: told.spread, from: @profile[told.spread].to_f, to: spread, count: count(told.spread) + found.size,
                  sd: spread / Math.sqrt(2 * sample.weight), interval: [low, high], **bias(told, sample))
      end

      # What is off always is a value of its own where a mean is told.
      def bias(told, sample)
        told.mean ? {} : { bias: sample.mean, bias_interval: sample.mean_between }
      end

      def of_hits(value, same)
        hits, of = %i[hits of].map { |part| same.sum(&part) }
        shares = Shares.new(hits, of, before: @profile[value].to_f, count: count(value))
        Moved.new(value: value, from: @profile[value].to_f, to: shares.share, count: count(value) + of,
                  sd: Math.sqrt(shares.share * (1 - shares.share) / (shares.weight + 1)), interval: shares.between)
      end

      def count(name)
        @profile.count(name).to_i
      end
    end
  end
end
