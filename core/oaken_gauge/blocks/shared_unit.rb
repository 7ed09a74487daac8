# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A unit whose sizes are told as parts of its block's side: the document of its kind with shares in the place of
    # lengths. A block with a side of one inch has a unit of just those sizes.
    #
    # @example
    #   { "kind" => "cut_corner", "share" => "1/3", "corner" => "1/12", "corners" => 2 }
    module SharedUnit
      # Kinds whose size is not told by one or two shares of the block.
      UNSHARED = %w[shape].freeze

      # What is the same for every kind.
      module Sized
        # @param block [Rational] finished side, inches
        # @return [Units::Unit] one of it
        def call(block)
          unit = self.class.of.new(**values_at_one, **self.class.of.so_many(1))
          unit.at(unit.measure_on_beam * block)
        end

        private

        def values_at_one
          self.class.fields.to_h { |field| [field.as, public_send(field.as)] }
        end
      end

      class << self
        # @return [Hash{String => Class}]
        def kinds
          @kinds ||= Units.kinds.except(*UNSHARED).transform_values { |unit| shared(unit) }
        end

        private

        # A class that declares what the unit's does, with shares for lengths.
        def shared(unit)
          shared = Class.new do
            include Documents::Record
            include Sized

            tag "kind"
            define_singleton_method(:of) { unit }
            define_singleton_method(:kind) { unit.kind }
          end
          declare(const_set(unit.name.split("::").last, shared), unit)
        end

        def declare(shared, unit)
          unit.fields.reject { |field| field.name == "count" }.each { |field| share(shared, field) }
          unit.rules.reject { |rule| rule.on.include?(:hands) }.each do |rule|
            shared.rule(*rule.on, say: rule.say, schema: rule.schema) { |*given| unit.instance_exec(*given, &rule.holds) }
          end
          shared
        end

        def share(shared, field)
          name = field.name == "finished" ? :share : field.name.to_sym
          optional = field.required ? {} : { default: field.default }
          shared.field(name, field.type.shared, as: field.as, label: field.label, **optional)
        end
      end
    end
  end
end
